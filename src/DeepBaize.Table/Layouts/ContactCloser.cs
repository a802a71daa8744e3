namespace DeepBaize.Table.Layouts;

/// <summary>
/// Closes the contacts of a layout whose places were rounded: pairs that touched touch again, pairs that did not stay apart. Balls move
/// by no more than the rounding did.
/// </summary>
public static class ContactCloser
{
    private const int Rounds = 60;
    private const double Clear = 2e-9;

    /// <summary>Closes contacts.</summary>
    /// <param name="balls">The balls at their rounded places.</param>
    /// <param name="contacts">The pairs that touched before the rounding.</param>
    /// <param name="diameter">Ball diameter in metres.</param>
    /// <returns>The balls with their contacts closed, in the same order.</returns>
    public static IReadOnlyList<PlacedBall> Close(IReadOnlyList<PlacedBall> balls, IReadOnlySet<Contact> contacts, double diameter)
    {
        ArgumentNullException.ThrowIfNull(balls);
        ArgumentNullException.ThrowIfNull(contacts);
        var closed = balls.ToArray();
        var pairs = NearPairs(closed, contacts, diameter);
        // Each round sets every pair; a pack settles within a few.
        for (var round = 0; round < Rounds; round++)
        {
            var moved = false;
            foreach (var pair in pairs) moved |= Set(closed, pair, diameter);
            if (!moved) break;
        }

        return closed;
    }

    private static List<(int I, int J, bool Touches)> NearPairs(PlacedBall[] balls, IReadOnlySet<Contact> contacts, double diameter)
    {
        var pairs = new List<(int, int, bool)>();
        for (var i = 0; i < balls.Length; i++)
        {
            for (var j = i + 1; j < balls.Length; j++)
            {
                var gap = balls[i].Place.DistanceTo(balls[j].Place) - diameter;
                if (Math.Abs(gap - Layout.TouchingGap) > Layout.RoundingOverlap) continue;
                var (first, second) = balls[i].Ball < balls[j].Ball ? (i, j) : (j, i);
                pairs.Add((i, j, contacts.Contains(new Contact(balls[first].Ball, balls[second].Ball))));
            }
        }

        return pairs;
    }

    /// <summary>Sets one pair to the right side of the touching gap; true when it had to move.</summary>
    private static bool Set(PlacedBall[] balls, (int I, int J, bool Touches) pair, double diameter)
    {
        var (a, b) = (balls[pair.I].Place, balls[pair.J].Place);
        var excess = a.DistanceTo(b) - diameter - Layout.TouchingGap;
        if (pair.Touches ? excess <= 0 : excess > 0) return false;
        var half = (excess + (pair.Touches ? Clear : -Clear)) / 2;
        balls[pair.I] = balls[pair.I] with { Place = a.Towards(b, half) };
        balls[pair.J] = balls[pair.J] with { Place = b.Towards(a, half) };
        return true;
    }
}
