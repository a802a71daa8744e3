using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using System.Threading.Channels;
using DeepBaize.Physics.Balls;
using DeepBaize.Planning.Aiming;
using DeepBaize.Table;
using DeepBaize.Table.Words;
using DeepBaize.Web.Compute;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Shots;
using DeepBaize.Web.Wording;

namespace DeepBaize.Web.Pots;

/// <summary>Everything that plays many strokes for a pot: anchors, sweeps, maps, ways out of dangers, cannons.</summary>
internal static class PotSearches
{
    private const double SensitivePerDegree = 0.25;
    private const double PaceStep = 0.25;

    /// <summary>Stun, follow and screw.</summary>
    public static AnchorResponse FindAnchors(AnchorQuestion question)
    {
        var scene = PotReader.ReadWithBall(question.Question);
        var guess = question.Guess is { } given ? PotReader.ReadPlace(given.X, given.Y, "guess") : (Place?)null;
        var (table, layout, pot) = (scene.Table, scene.Layout, scene.Pot);
        var anchors = Anchors.Of(new StrokePlayer(table), layout, pot, scene.Dials);
        var radius = table.Conditions.Balls.Radius;
        return new AnchorResponse(
            [.. anchors.Select(anchor => ToAnchor(anchor, scene))],
            guess is { } place ? Guess(anchors, place, table.Diameter) : null,
            anchors.Where(anchor => anchor is { IsReached: true, Stroke.IsClean: true })
                .OrderBy(anchor => anchor.Stroke!.White.Meetings.Count).ThenBy(anchor => Math.Abs(anchor.Dials.Height))
                .Select(anchor => PotMapping.Code(anchor.Kind)).FirstOrDefault());

        AnchorOutput ToAnchor(Anchor anchor, PotScene of)
        {
            var white = anchor.Stroke?.White;
            return new AnchorOutput(
                PotMapping.Code(anchor.Kind),
                anchor.IsReached,
                anchor.Dials.Height,
                anchor.Dials.Pace,
                PotMapping.Dial(anchor.Dials, radius),
                anchor.Stroke is { } stroke ? PotMapping.Degrees(stroke.Strike.DirectionRadians) : null,
                anchor.Stroke?.ObjectBall.Fate == ObjectBallFate.Potted,
                white is null || double.IsNaN(white.LeavingHeading) ? null : PotMapping.Degrees(white.LeavingHeading),
                anchor.Stroke is { } played ? FromAim(played, of) : null,
                white is null ? [] : ShotMapping.ToSegments(white.Pieces, radius),
                white?.Rest is { } rest ? PotMapping.ToPlace(rest) : null,
                white is null ? "" : PotMapping.Where(white.Rest, layout, pot.Ball),
                white is null ? [] : [.. white.Meetings.Select(meeting => Meets(meeting, pot))],
                anchor.Refusal is { } refusal && anchor.Stroke is null ? PotWords.Why(refusal, pot, table.Diameter) : null);
        }
    }

    /// <summary>One dial swept.</summary>
    public static SweepResponse Sweep(SweepQuestion question, CancellationToken cancel)
    {
        var scene = PotReader.ReadWithBall(question.Question);
        var wanted = PotReader.ReadWanted(question.Wanted);
        var count = (int)PotReader.Within(question.Count, 2, 60, "count");
        var isPace = question.Dial switch
        {
            "pace" => true,
            "height" => false,
            _ => throw RefusalException.Invalid("sweep", "Unknown dial", new Fault("dial", null, "unknownDial", "The dial to sweep is height or pace.")),
        };
        var (least, most) = isPace ? (Pace.Softest, StrikeReader.HardestPace(scene.Given.Offset, scene.Table.Conditions)) : SafeHeights(scene.Given.Side);
        var map = new DialMap(new StrokePlayer(scene.Table));
        var asked = Ask(scene, question.Question, wanted);
        var from = PotReader.Within(question.From ?? (isPace ? SoftestThatPots() : least), least - 1e-9, most + 1e-9, "from");
        var to = PotReader.Within(question.To ?? (isPace ? Math.Min(Math.Max(7, from + 1), most) : most), from, most + 1e-9, "to");
        var cells = Play(DialMap.Steps(from, to, count));
        var window = wanted is null ? null : WindowOf(cells.Count >= 40 ? cells : Play(DialMap.Steps(from, to, 60)));
        return new SweepResponse([.. cells.Select(cell => PotMapping.ToCell(cell, scene.Layout, scene.Pot.Ball))], window);

        double SoftestThatPots()
        {
            var pace = least;
            while (pace + PaceStep < most && map.Play(asked, scene.Dials with { WhiteSpeed = Pace.ToSpeed(pace) }).Kind == CellKind.NoPot) pace += PaceStep;
            return pace;
        }

        List<DialCell> Play(IEnumerable<double> values)
        {
            var played = new List<DialCell>();
            foreach (var value in values)
            {
                cancel.ThrowIfCancellationRequested();
                played.Add(map.Play(asked, isPace ? scene.Dials with { WhiteSpeed = Pace.ToSpeed(value) } : scene.Dials with { Height = value }));
            }

            return played;
        }

        DialWindowOutput? WindowOf(List<DialCell> fine)
        {
            var tries = fine.Select(cell => new DialTry(
                isPace ? cell.Dials.Pace : cell.Dials.Height, cell.Kind is CellKind.NoPot or CellKind.InOff ? double.NaN : cell.Miss)).ToList();
            if (PaceWindow.Through(tries, wanted!.Value.Radius) is not { } window) return null;
            return new DialWindowOutput(window.Best, window.Least, window.Most, isPace
                ? $"{EventWords.Capital(StrokeWords.PaceInWords(window.Best))}; from {window.Least:0.0} to {window.Most:0.0} it stays in the zone"
                : $"{EventWords.Capital(Tips(window.Best))}; from {Tips(window.Least)} to {Tips(window.Most)} it stays in the zone");
        }

        string Tips(double height) => StrokeWords.Height(StrokeWords.ToTips(height, scene.Table.Conditions.Balls.Radius));
    }

    /// <summary>Reads the question of a map; what is wrong is refused before anything streams.</summary>
    public static (PotScene Scene, MapQuestion Asked, int Count) ReadMap(MapQuestionInput question)
    {
        var scene = PotReader.ReadWithBall(question.Question);
        return (scene, Ask(scene, question.Question, PotReader.ReadWanted(question.Wanted)), (int)PotReader.Within(question.Count, 3, 41, "count"));
    }

    /// <summary>The map, row by row as the rows are done.</summary>
    public static async IAsyncEnumerable<SseItem<MapRowOutput>> Map(
        PotScene scene, MapQuestion asked, int count, ComputePool pool, [EnumeratorCancellation] CancellationToken cancel)
    {
        var (least, most) = SafeHeights(scene.Given.Side);
        var heights = DialMap.Steps(least, most, count);
        var paces = DialMap.Steps(1.5, Math.Min(8, StrikeReader.HardestPace(Math.Sqrt(least * least + scene.Given.Side * scene.Given.Side), scene.Table.Conditions)), count);
        var rows = Channel.CreateUnbounded<MapRowOutput>();
        using var stop = CancellationTokenSource.CreateLinkedTokenSource(cancel);
        var work = Task.WhenAll(paces.Select((pace, row) => pool.RunAsync(
            token => rows.Writer.TryWrite(Row(pace, row, token)), stop.Token)));
        var closing = work.ContinueWith(
            done => rows.Writer.TryComplete(done.Exception?.GetBaseException()), CancellationToken.None, TaskContinuationOptions.ExecuteSynchronously, TaskScheduler.Default);
        try
        {
            await foreach (var row in rows.Reader.ReadAllAsync(cancel)) yield return new SseItem<MapRowOutput>(row, "row");
        }
        finally
        {
            // The reader may have left: what still waits or runs ends at its next stroke.
            await stop.CancelAsync();
            await closing;
        }

        MapRowOutput Row(double pace, int row, CancellationToken token)
        {
            var map = new DialMap(new StrokePlayer(scene.Table));
            var cells = new List<CellOutput>(count);
            foreach (var height in heights)
            {
                token.ThrowIfCancellationRequested();
                cells.Add(PotMapping.ToCell(map.Play(asked, new Dials(Pace.ToSpeed(pace), scene.Given.Side, height)), scene.Layout, scene.Pot.Ball));
            }

            return new MapRowOutput(row, count, cells);
        }
    }

    /// <summary>Dangers and ways out of them.</summary>
    public static FixResponse FindFixes(PotQuestion question)
    {
        var scene = PotReader.ReadWithBall(question);
        var (layout, pot) = (scene.Layout, scene.Pot);
        var player = new StrokePlayer(scene.Table);
        var strike = question.KeepPot && player.Solver.Solve(layout, pot, scene.Dials, withWindow: false).Solution is { } solution ? solution.Strike : scene.Given;
        var finder = new DangerFinder(player);
        var dangers = finder.Find(layout, pot, strike);
        var isSafe = dangers.All(danger => danger.Kind is not (DangerKind.InOff or DangerKind.Jaws));
        var fixes = isSafe ? [] : finder.Fixes(layout, pot, scene.Dials);
        return new FixResponse(PotMapping.ToDangers(dangers, pot.Ball), [.. fixes.Select(ToFix)]);

        FixOutput ToFix(Fix fix) => new(
            PotMapping.Code(fix.Kind), PotMapping.Code(fix.Pot.Part), fix.Dials.Pace, fix.Dials.Side, fix.Dials.Height,
            $"{How(fix)}: the white stops {PotMapping.Where(fix.Rest, layout, pot.Ball)}{(fix.StillNear > 0 ? $"; {fix.StillNear} strokes beside it still threaten" : "")}");

        string How(Fix fix) => fix.Kind switch
        {
            FixKind.PocketPart => fix.Pot.Part switch { PocketPart.NearJaw => "Use the near jaw", PocketPart.FarJaw => "Use the far jaw", _ => "Use the middle of the pocket" },
            FixKind.Stun => $"Stun it, {Tips(fix.Dials.Height)}",
            FixKind.Height => EventWords.Capital(Tips(fix.Dials.Height)),
            FixKind.Pace => EventWords.Capital(StrokeWords.PaceInWords(fix.Dials.Pace)),
            _ => EventWords.Capital(StrokeWords.Side(StrokeWords.ToTips(fix.Dials.Side, scene.Table.Conditions.Balls.Radius))),
        };

        string Tips(double height) => StrokeWords.Height(StrokeWords.ToTips(height, scene.Table.Conditions.Balls.Radius));
    }

    /// <summary>Cannons off a pot.</summary>
    public static CannonResponse FindCannons(CannonQuestion question, CancellationToken cancel)
    {
        var scene = PotReader.ReadWithBall(question.Question);
        var second = PotReader.ReadBall(question.Second, "second");
        PotReader.RequireBall(scene.Layout, second, "second");
        if (second == scene.Pot.Ball)
            throw RefusalException.Invalid("cannon", "The same ball", new Fault("second", question.Second, "sameBall", "The second ball is another than the one that is potted."));
        var (layout, pot, table) = (scene.Layout, scene.Pot, scene.Table);
        var fraction = PotReader.Within(question.Fraction, 0, 1, "fraction");
        var most = (int)PotReader.Within(question.Most, 1, 20, "most");
        var line = CannonLine.Of(PottingLine.Of(layout, pot, table.Outline), layout[second]!.Value, table.Diameter);
        var turned = new[] { -1, 1, 2 }.Select(degrees => line.FractionWhenTurned(degrees * Math.PI / 180)).ToList();
        var isSensitive = line.Distance * Math.PI / 180 / table.Diameter > SensitivePerDegree;
        var found = new CannonFinder(table).Find(layout, pot, second, scene.Given.Side, fraction, cancel);
        return new CannonResponse(
            new StunLineOutput(1000 * Math.Abs(line.Passes), line.Fraction, line.Distance, turned, isSensitive),
            [.. found.Take(most).Select(cannon => PotCannonWords.ToOutput(cannon, layout, pot, second))],
            PotCannonWords.Summary(line, isSensitive, found.Count, second, pot));
    }

    /// <summary>Tip heights by distance.</summary>
    public static IReadOnlyList<HeightOutput> FindHeights(HeightsQuestion question)
    {
        var (_, table) = PotReader.ReadTable(question.Profile, question.Coefficients);
        PotReader.Within(question.Distances.Count, 1, 20, "distances");
        foreach (var distance in question.Distances) PotReader.Within(distance, 0.05, 2.8, "distances");
        var (pace, roll) = (PotReader.Within(question.Pace, Pace.Softest, Pace.Hardest, "pace"), PotReader.Within(question.Roll, -1.1, 1.1, "roll"));
        var radius = table.Conditions.Balls.Radius;
        return [.. TipHeights.ByDistance(new StrokePlayer(table), Pace.ToSpeed(pace), roll, question.Distances).Select(found =>
        {
            double? tips = found.Height is { } height ? StrokeWords.ToTips(height, radius) : null;
            return new HeightOutput(found.DistanceMetres, found.Height, tips, tips is { } said ? StrokeWords.Height(said) : "not with a safe tip at this pace");
        })];
    }

    /// <summary>The value between tries that fell short and ran past.</summary>
    public static DialWindowOutput FindBetween(BetweenQuestion question)
    {
        PotReader.Within(question.Tries.Count, 2, 50, "tries");
        foreach (var made in question.Tries)
        {
            PotReader.Within(made.Value, -100, 100, "tries.value");
            PotReader.Within(made.Miss, -10, 10, "tries.miss");
        }

        var within = PotReader.Within(question.Within, 0.001, 2, "within");
        var window = PaceWindow.Between([.. question.Tries.Select(made => new DialTry(made.Value, made.Miss)).OrderBy(made => made.Value)], within)
            ?? throw RefusalException.Impossible("notBracketed", "Not in between yet", new Fault(
                "tries", null, "notBracketed", "All tries fell on one side: play one that runs past and one that falls short first."));
        return new DialWindowOutput(window.Best, window.Least, window.Most, $"Next {window.Best:0.0}; between {window.Least:0.0} and {window.Most:0.0} it should stay there");
    }

    private static MapQuestion Ask(PotScene scene, PotQuestion question, WantedPlace? wanted) =>
        new(scene.Layout, scene.Pot, question.KeepPot ? null : scene.Given.DirectionRadians, wanted);

    private static (double Least, double Most) SafeHeights(double side)
    {
        var most = Math.Sqrt(Math.Max(0, Dials.SafeHeight * Dials.SafeHeight - side * side));
        return (-most, most);
    }

    /// <summary>Angle in degrees by which the white's way turns from the aim once it rolls again, 0 to 180; null when it meets something first.</summary>
    private static double? FromAim(PlayedStroke stroke, PotScene scene)
    {
        if (double.IsNaN(stroke.White.RollingHeading)) return null;
        var aim = stroke.Strike.DirectionRadians + Physics.Impacts.CueStrike.PushOffRadians(stroke.Strike.Side, scene.Table.Conditions.Cue.EndMassRatio);
        return Math.Abs(Math.IEEERemainder(stroke.White.RollingHeading - aim, Math.Tau)) * 180 / Math.PI;
    }

    private static string Meets(WhiteMeeting meeting, Pot pot) => meeting switch
    {
        { Ball: { } ball } => $"the {(ball == pot.Ball ? "same " : "")}{Names.Spoken(ball)}",
        { Kind: Physics.Simulation.ShotEventKind.Pocket, Pocket: { } pocket } => $"in-off, {Names.Spoken(pocket)}",
        { Pocket: { } pocket } => $"a jaw of the {Names.Spoken(pocket)}",
        _ => $"the {Names.Spoken(meeting.Cushion!.Value)}",
    };

    private static string Guess(IReadOnlyList<Anchor> anchors, Place guess, double diameter)
    {
        var nearest = anchors.Where(anchor => anchor.Stroke?.White.Rest is not null)
            .MinBy(anchor => anchor.Stroke!.White.Rest!.Value.SquaredDistanceTo(guess));
        if (nearest?.Stroke is not { } stroke) return "You: no line to compare with; the white does not stay up.";
        var name = PotMapping.Code(nearest.Kind);
        // The path says where the guess lies along the way: the white falls short of it or runs past it.
        var miss = stroke.White.MissOf(guess);
        var widths = Math.Abs(miss) / diameter;
        if (widths < 0.75) return $"You: spot on, where {name} leaves the white.";
        return $"You: {BallWidths.Say(widths)} {(miss > 0 ? "short of" : "beyond")} where {name} leaves the white.";
    }
}
