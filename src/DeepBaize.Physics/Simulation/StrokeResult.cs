using DeepBaize.Table;

namespace DeepBaize.Physics.Simulation;

/// <summary>
/// What came of a stroke, in a form that is filled again and again: reading a stroke into it allocates nothing. Its contents hold
/// until the next stroke is read into it.
/// </summary>
public sealed class StrokeResult
{
    private readonly List<PottedBall> _potted = new(BallSet.Count);
    private readonly List<CushionId> _whiteCushions = new(64);
    private readonly List<BallId> _offTable = new(BallSet.Count);
    private readonly List<PassedBall> _passed = new(BallSet.Count);
    private readonly List<BallAtEnd> _final = new(BallSet.Count);

    /// <summary>Why the simulation ended.</summary>
    public ShotEnd End { get; internal set; }

    /// <summary>Simulated time in seconds.</summary>
    public double Duration { get; internal set; }

    /// <summary>Number of events handled.</summary>
    public int EventCount { get; internal set; }

    /// <summary>How many of them were impulses through more than two balls.</summary>
    public int ClusterCount { get; internal set; }

    /// <summary>The white's first contact with another ball, if any.</summary>
    public FirstContact? FirstContact { get; internal set; }

    /// <summary>The white's first contact with a ball other than the first that it met, if any.</summary>
    public FirstContact? SecondContact { get; internal set; }

    /// <summary>Balls potted, in order.</summary>
    public IReadOnlyList<PottedBall> Potted => _potted;

    /// <summary>Cushions that the white met, in order.</summary>
    public IReadOnlyList<CushionId> WhiteCushions => _whiteCushions;

    /// <summary>How often the white met a jaw of a pocket.</summary>
    public int WhiteJaws { get; internal set; }

    /// <summary>Balls that went over a cushion, in order.</summary>
    public IReadOnlyList<BallId> OffTable => _offTable;

    /// <summary>Greatest height in metres of the white over the bed; 0 for a white that hardly left it.</summary>
    public double WhiteHeight { get; internal set; }

    /// <summary>Balls over which the white passed in the air, in order.</summary>
    public IReadOnlyList<PassedBall> Passed => _passed;

    /// <summary>Balls still on the table at the end, in the order of their ids.</summary>
    public IReadOnlyList<BallAtEnd> Final => _final;

    /// <summary>True when the white was potted.</summary>
    public bool IsInOff
    {
        get
        {
            for (var i = 0; i < _potted.Count; i++)
            {
                if (_potted[i].Ball == BallId.Cue) return true;
            }

            return false;
        }
    }

    /// <summary>Where a ball is at the end; null when it is not on the table.</summary>
    public Place? this[BallId ball]
    {
        get
        {
            for (var i = 0; i < _final.Count; i++)
            {
                if (_final[i].Ball == ball) return _final[i].State.Place;
            }

            return null;
        }
    }

    /// <summary>A copy that is not filled again.</summary>
    public ShotOutcome ToOutcome() => new()
    {
        End = End,
        Duration = Duration,
        EventCount = EventCount,
        ClusterCount = ClusterCount,
        FirstContact = FirstContact,
        SecondContact = SecondContact,
        Potted = [.. _potted],
        WhiteCushions = [.. _whiteCushions],
        OffTable = [.. _offTable],
        WhiteHeight = WhiteHeight,
        Passed = [.. _passed],
        Final = [.. _final],
    };

    internal void Clear()
    {
        (End, Duration, EventCount, ClusterCount, FirstContact, SecondContact) = (ShotEnd.AtRest, 0, 0, 0, null, null);
        (WhiteHeight, WhiteJaws) = (0, 0);
        _offTable.Clear();
        _passed.Clear();
        _potted.Clear();
        _whiteCushions.Clear();
        _final.Clear();
    }

    internal void Add(PottedBall potted) => _potted.Add(potted);

    internal void AddOffTable(BallId ball) => _offTable.Add(ball);

    /// <summary>Notes a pass once: a ball that moves meanwhile is looked at in several pieces.</summary>
    internal void Add(in PassedBall passed)
    {
        for (var i = 0; i < _passed.Count; i++)
        {
            if (_passed[i] == passed) return;
        }

        if (_passed.Count < _passed.Capacity) _passed.Add(passed);
    }

    internal void Add(CushionId cushion) => _whiteCushions.Add(cushion);

    internal void Add(in BallAtEnd ball) => _final.Add(ball);
}
