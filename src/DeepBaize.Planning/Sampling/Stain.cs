using DeepBaize.Table;

namespace DeepBaize.Planning.Sampling;

/// <summary>
/// Where the white may stop: the places of a sample in the order of how dense the sample is about them (highest density regions; Hyndman
/// 1996). The first half of them mark where half of the strokes stop, the first nine tenths where nine in ten do.
/// </summary>
/// <param name="Places">Where the white stopped, the densest first.</param>
/// <param name="Half">How many of them make up half of the strokes.</param>
/// <param name="NineTenths">How many make up nine in ten; fewer when more than one in ten falls.</param>
/// <param name="Reach">Radius in metres that each place stands for.</param>
public sealed record Stain(IReadOnlyList<Place> Places, int Half, int NineTenths, double Reach)
{
    private const double LeastReach = 0.015;
    private const double MostReach = 0.12;

    /// <summary>Strokes of which a stain is made: the cost rises with their square, and more make no other picture.</summary>
    private const int MostStrokes = 1600;

    /// <summary>
    /// The stain of a sample: of the strokes that do what they are for, or of all when none does; of a large sample its first strokes.
    /// </summary>
    /// <param name="samples">The sample.</param>
    /// <param name="cancel">Stops the work.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public static Stain Of(IReadOnlyList<StrokeSample> samples, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(samples);
        var counted = samples.Where(sample => sample.IsServed).Take(MostStrokes).ToList();
        if (counted.Count == 0) counted = [.. samples.Take(MostStrokes)];
        var places = counted.Where(sample => sample.White is not null).Select(sample => sample.White!.Value).ToList();
        if (places.Count == 0) return new Stain([], 0, 0, LeastReach);
        var reach = ReachOf(places, cancel);
        var density = places.ConvertAll(place =>
        {
            cancel.ThrowIfCancellationRequested();
            return places.Sum(other => Math.Exp(-place.SquaredDistanceTo(other) / (2 * reach * reach)));
        });
        var order = Enumerable.Range(0, places.Count).OrderByDescending(i => density[i]).ThenBy(i => i).Select(i => places[i]).ToList();
        return new Stain(
            order, Math.Min(order.Count, (counted.Count + 1) / 2), Math.Min(order.Count, (int)Math.Ceiling(0.9 * counted.Count)), reach);
    }

    /// <summary>
    /// The usual distance to the near neighbours: a sixth root of the number of places (Silverman's rule in two dimensions) of their
    /// spread.
    /// </summary>
    private static double ReachOf(List<Place> places, CancellationToken cancel)
    {
        // The nearest neighbours follow the bends of the sample; its spread as a whole would blot them out.
        var near = Math.Max(1, places.Count / 20);
        var distances = new double[places.Count];
        var each = new double[places.Count];
        for (var i = 0; i < places.Count; i++)
        {
            cancel.ThrowIfCancellationRequested();
            for (var j = 0; j < places.Count; j++) distances[j] = places[i].SquaredDistanceTo(places[j]);
            Array.Sort(distances);
            each[i] = Math.Sqrt(distances[Math.Min(near, places.Count - 1)]);
        }

        Array.Sort(each);
        return Math.Clamp(each[each.Length / 2], LeastReach, MostReach);
    }
}
