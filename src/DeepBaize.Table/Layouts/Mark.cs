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
    /// <summary>The mark seen in the mirror along the middle of the table.</summary>
    public Mark Mirrored() => this with { Places = [.. Places.Select(place => place.Mirrored())] };
}
