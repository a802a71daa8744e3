namespace DeepBaize.Table.Layouts;

/// <summary>What a mark on the cloth stands for.</summary>
public enum MarkKind
{
    /// <summary>Where the white stands: the place to put it back to. One place.</summary>
    WhitePlace,

    /// <summary>Where something is to stop. One place and a radius.</summary>
    Target,

    /// <summary>Two places between which a ball is to pass.</summary>
    Gate,

    /// <summary>A painted part of the cloth: a closed outline of three places or more.</summary>
    Zone,
}

/// <summary>A mark on the cloth. It is no obstacle: balls run over it.</summary>
/// <param name="Id">Its id, unique on the sheet.</param>
/// <param name="Kind">What it stands for.</param>
/// <param name="Places">One place, two for a gate, three or more for a zone.</param>
/// <param name="Radius">Radius of a target in metres; null for the others.</param>
/// <param name="Text">A word or two beside it; may be empty.</param>
public sealed record Mark(string Id, MarkKind Kind, IReadOnlyList<Place> Places, double? Radius = null, string Text = "")
{
    /// <summary>True when a place lies within a painted zone (even-odd rule) or a target; other marks hold no place.</summary>
    public bool Holds(Place place)
    {
        if (Kind == MarkKind.Target) return Places[0].DistanceTo(place) <= Radius;
        if (Kind != MarkKind.Zone) return false;
        var holds = false;
        for (int i = 0, j = Places.Count - 1; i < Places.Count; j = i++)
        {
            var (a, b) = (Places[i], Places[j]);
            if (a.Y > place.Y != b.Y > place.Y && place.X < (b.X - a.X) * (place.Y - a.Y) / (b.Y - a.Y) + a.X) holds = !holds;
        }

        return holds;
    }

    /// <summary>The mark seen in the mirror along the middle of the table.</summary>
    public Mark Mirrored() => this with { Places = [.. Places.Select(place => place.Mirrored())] };
}
