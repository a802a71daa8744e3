using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Table;

namespace DeepBaize.Planning.Sampling;

/// <summary>Reads what a player asks off the trials of one of the tables.</summary>
internal sealed class SampleReader
{
    private readonly SampleQuestion _question;
    private readonly int _table;
    private readonly double _cut;
    private readonly LeaveGauge? _gauge;

    /// <summary>Plays the stroke once as it is meant: misses are told against its cut.</summary>
    public SampleReader(SampleQuestion question, TrialTable trials, int table)
    {
        (_question, _table) = (question, table);
        _gauge = question.Next is { } player ? new LeaveGauge(question.Table, player) : null;
        _cut = trials.Play(question.Trial, StrokeDraw.Exact).Result.FirstContact?.CutRadians ?? 0;
    }

    /// <summary>What one trial came to.</summary>
    public StrokeSample Read(Trial trial)
    {
        var result = trial.Result;
        var (ball, first, second) = (_question.Trial.Stroke.Intent.Ball, result.FirstContact, result.SecondContact);
        var isMet = ball is not null && first?.Ball == ball;
        var white = result[BallId.Cue];
        var pots = trial.IsGood && trial.Ruling.StaysAtTable ? _gauge?.Read(trial.Ruling.Next) : null;
        return new StrokeSample(
            trial.IsServed,
            trial.IsServed || ball is null ? MissSide.None : isMet ? SideOf(first!.Value.CutRadians) : MissSide.NotMet,
            trial.Ruling.IsFoul,
            white,
            trial.InOff,
            isMet ? second?.Ball : null,
            second?.White.Place ?? default,
            second?.White.Velocity.Length ?? 0,
            pots is [var best, ..] ? best : null,
            pots?.Count(pot => pot.IsOn) ?? 0,
            white is { } at && _question.Zone is { } zone && zone(at),
            trial.Strike.IsMiscueRisk,
            _table);
    }

    private MissSide SideOf(double cut)
    {
        var straight = Math.Abs(_cut) < PottingLine.NearlyStraightDegrees * Math.PI / 180;
        var thinner = straight ? cut - _cut > 0 : Math.Abs(cut) > Math.Abs(_cut);
        return thinner ? MissSide.Thin : MissSide.Thick;
    }
}
