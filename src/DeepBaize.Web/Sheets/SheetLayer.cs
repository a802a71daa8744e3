using DeepBaize.Planning.Aiming;
using DeepBaize.Rules;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;
using DeepBaize.Web.Book;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Reading;
using DeepBaize.Web.Shots;
using DeepBaize.Words;
using DeepBaize.Words.Places;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Sheets;

/// <summary>Carries out what is done to the balls on a sheet as a whole.</summary>
internal static class SheetLayer
{
    /// <summary>Puts a ball where words say.</summary>
    /// <exception cref="RefusalException">The words are not understood, or the other balls cannot stand so.</exception>
    public static PlacingOutput Place(PlaceRequest request)
    {
        var (_, table) = FieldReader.ReadTable(request.Profile, request.Coefficients);
        var gauge = table.Conditions.Gauge;
        var units = FieldReader.ReadUnits(request.Units);
        var placed = LayoutReader.ReadBalls(request.Balls);
        var ball = LayoutReader.ReadBall(request.Ball, "ball");
        var from = placed.Where(other => other.Ball == ball).Select(other => other.Place)
            .FirstOrDefault(Spots.Of(ball) ?? new Place(Measurements.Length / 2, Measurements.CentreLine));
        var others = placed.Where(other => other.Ball != ball).ToList();
        var read = PlaceReader.Read(request.Words, from, others, table.Outline, gauge, Lengths.BareUnit(units));
        if (read.Place is not { } wanted)
            throw RefusalException.Invalid("words", "words", BallRefusals.Words(read.Sentence!), ball: request.Ball);
        var output = Predictor.Settle(
            new PlacingInput(request.Ball, wanted.X, wanted.Y, Snap: false, InHand: request.InHand), placed, table.Conditions,
            table.Outline);
        LayoutReader.Build(placed, table.Outline, gauge);
        return output;
    }

    /// <summary>Moves, turns or mirrors several balls as one.</summary>
    public static GroupResponse Change(GroupRequest request)
    {
        var (_, table) = FieldReader.ReadTable(request.Profile, request.Coefficients);
        var layout = LayoutReader.Build(LayoutReader.ReadBalls(request.Balls), table.Outline, table.Conditions.Gauge);
        var chosen = request.Chosen.Select((id, i) => LayoutReader.ReadBall(id, $"chosen[{i}]")).ToHashSet();
        if (!layout.Balls.Any(placed => chosen.Contains(placed.Ball)))
            throw RefusalException.Invalid("chosen", "chosen", BallRefusals.NoneChosen);
        if (!double.IsFinite(request.Along) || !double.IsFinite(request.Across) || !double.IsFinite(request.Degrees))
            throw RefusalException.Invalid("change", "change", BallRefusals.NoChange, reason: "notFinite");
        var result = request.Kind switch
        {
            "move" => GroupChange.Move(layout, chosen, request.Along, request.Across, table.Outline),
            "turn" => GroupChange.Turn(layout, chosen, request.Degrees, table.Outline),
            "mirror" => GroupChange.Mirror(layout, chosen, table.Outline),
            _ => throw RefusalException.Invalid("kind", "kind", BallRefusals.UnknownChange),
        };
        return new GroupResponse(
            ToOutput(result.Balls), result.Share, result.StoppedBy is { } reason ? LayoutWords.StoppedBy(reason) : "");
    }

    /// <summary>Mirrors all that lies on a sheet.</summary>
    public static PositionContent Mirror(PositionContent content)
    {
        var document = PositionReader.Read(content);
        var whole = PositionReader.ToContent(document, PositionReader.PacesOf(content));
        return whole with
        {
            Balls = [.. whole.Balls.Select(
                ball => Mirrored(ball.X, ball.Y) is var place ? new BallPlace(ball.Id, place.X, place.Y) : ball)],
            Marks = MarkReader.ToOutput(MarkReader.Read(whole.Marks).Select(mark => mark.Mirrored())),
            Aim = whole.Aim is { Place: { } goal } aim ? aim with { Place = Shared.ToPlace(Mirrored(goal.X, goal.Y)) } : whole.Aim,
            Stroke = whole.Stroke is { } stroke ? stroke with { DirectionDeg = -stroke.DirectionDeg, Side = -stroke.Side } : null,
            Pot = whole.Pot is { } pot
                ? pot with
                {
                    Pocket = Names.Text(
                Pockets.Mirrored(FieldReader.ReadPot(new PotInput(pot.Ball, pot.Pocket, pot.Part)).Pocket))
                } : null,
        };
    }

    /// <summary>Settles balls that were laid while the server was away, one after the other among those that stand.</summary>
    public static SettleResponse Settle(SettleRequest request)
    {
        var (_, table) = FieldReader.ReadTable(request.Profile, request.Coefficients);
        var gauge = table.Conditions.Gauge;
        var raw = request.Raw.Select((id, i) => LayoutReader.ReadBall(id, $"raw[{i}]")).ToHashSet();
        var all = LayoutReader.ReadBalls(request.Balls);
        var standing = all.Where(placed => !raw.Contains(placed.Ball)).ToList();
        var told = new List<SettledOutput>();
        foreach (var placed in all.Where(placed => raw.Contains(placed.Ball)))
        {
            var settled = Settling.Settle(placed.Place, standing, table.Outline, gauge, new LayingManner(Snaps: false));
            standing.Add(placed with { Place = settled.Place });
            if (Tell(placed, settled, standing, table) is { } sentence) told.Add(sentence);
        }

        return new SettleResponse(ToOutput([.. standing.OrderBy(placed => placed.Ball)]), told);
    }

    /// <summary>Reads a state of play against the balls that are up.</summary>
    public static StateResponse ReadState(StateRequest request)
    {
        var up = request.Balls.Select((id, i) => LayoutReader.ReadBall(id, $"balls[{i}]")).ToHashSet();
        var state = BallsOn.Clean(StateReader.Read(request.State), up, out var dropped);
        var on = state.On ?? BallsOn.Infer(up);
        return new StateResponse(
            StateReader.ToOutput(state),
            on is { } ball ? StateReader.Text(ball) : null,
            state.On is null,
            StateWords.Say(state, on),
            [.. BallsOn.Possible(up).Select(choice => new OnOutput(StateReader.Text(choice), StateWords.On(choice)))],
            [.. Nominations(state, on, up).Select(choice => new ChoiceOutput(Names.Text(choice), NameWords.Of(choice)))],
            [.. dropped.Select(StateWords.Say)]);
    }

    /// <summary>What can be nominated: with a free ball in place of what is on, else the colour after a red.</summary>
    private static IReadOnlyList<BallId> Nominations(PlayState state, BallOn? on, HashSet<BallId> up)
    {
        if (state.IsFreeBall && on is { } known) return BallsOn.Nominations(known, true, up);
        return BallsOn.Possible(up).Contains(BallOn.Colour) ? BallsOn.Nominations(BallOn.Colour, false, up) : [];
    }

    private static SettledOutput? Tell(PlacedBall laid, SettledPlace settled, List<PlacedBall> standing, TableInUse table)
    {
        LayoutRules.TryBuild(standing, table.Outline, table.Conditions.Gauge, LayoutMode.Free, out var problems);
        if (problems.FirstOrDefault(problem => problem.Ball == laid.Ball) is { } problem)
            return new SettledOutput(Names.Text(laid.Ball), LayoutWords.NoRoom(laid.Ball, problem), false);
        return settled.Moved > Layout.RoundingOverlap
            ? new SettledOutput(Names.Text(laid.Ball), LayoutWords.Moved(laid.Ball, settled.Moved), true)
            : null;
    }

    private static Place Mirrored(double x, double y) => new Place(x, y).Mirrored();

    private static IReadOnlyList<BallPlace> ToOutput(IReadOnlyList<PlacedBall> balls) =>
        [.. balls.Select(placed => new BallPlace(Names.Text(placed.Ball), placed.Place.X, placed.Place.Y))];
}
