namespace DeepBaize.Table;

/// <summary>Where colours stand and how the reds are racked.</summary>
public static class Spots
{
    /// <summary>The yellow's spot: the corner of the D on the right seen from baulk.</summary>
    public static Place Yellow { get; } = new(Measurements.BaulkLine, Measurements.CentreLine - Measurements.DRadius);

    /// <summary>The green's spot: the corner of the D on the left seen from baulk.</summary>
    public static Place Green { get; } = new(Measurements.BaulkLine, Measurements.CentreLine + Measurements.DRadius);

    /// <summary>The brown's spot: the middle of the baulk line.</summary>
    public static Place Brown { get; } = new(Measurements.BaulkLine, Measurements.CentreLine);

    /// <summary>The blue's spot: the centre of the table.</summary>
    public static Place Blue { get; } = new(Measurements.Length / 2, Measurements.CentreLine);

    /// <summary>The pink's spot: midway between the blue's spot and the top cushion.</summary>
    public static Place Pink { get; } = new(Measurements.Length * 3 / 4, Measurements.CentreLine);

    /// <summary>The black's spot: 324 mm from the top cushion.</summary>
    public static Place Black { get; } = new(Measurements.Length - Measurements.BlackSpotFromTop, Measurements.CentreLine);

    /// <summary>The spot of a colour; null for the white and for reds, which have none.</summary>
    public static Place? Of(BallId ball) => ball switch
    {
        BallId.Yellow => Yellow,
        BallId.Green => Green,
        BallId.Brown => Brown,
        BallId.Blue => Blue,
        BallId.Pink => Pink,
        BallId.Black => Black,
        _ => null,
    };

    /// <summary>
    /// The racked triangle: fifteen places in rows of 1 to 5 behind the pink, each ball touching its neighbours.
    /// </summary>
    /// <param name="ballDiameter">Ball diameter in metres, more than 0.</param>
    public static IReadOnlyList<Place> Rack(double ballDiameter)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(ballDiameter);
        var apexX = Pink.X + ballDiameter + Measurements.PinkToApexGap;
        var rowPitch = ballDiameter * Math.Sqrt(3) / 2;
        var places = new List<Place>(15);
        for (var row = 0; row < 5; row++)
        {
            for (var column = 0; column <= row; column++)
            {
                var across = (column - row / 2.0) * ballDiameter;
                places.Add(new Place(apexX + row * rowPitch, Measurements.CentreLine + across));
            }
        }

        return places;
    }
}
