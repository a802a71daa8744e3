using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Simulation;
using DeepBaize.Planning.Aiming;
using DeepBaize.Planning.Leaves;
using DeepBaize.Planning.Players;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Planning.Sampling;

/// <summary>A stroke that is sampled: what is meant, how it is delivered, on which table, and what is asked of it.</summary>
/// <param name="Table">The table.</param>
/// <param name="Layout">The balls.</param>
/// <param name="Pot">The pot.</param>
/// <param name="Strike">The stroke as it is meant.</param>
/// <param name="Delivery">How the player delivers it.</param>
/// <param name="Doubt">How far the table may be from its profile.</param>
/// <param name="Next">The player for whom next pots are estimated; null to leave them out.</param>
/// <param name="Zone">Says whether a place lies in the wanted zone; null for none.</param>
public sealed record SampleQuestion(
    TableInUse Table, Layout Layout, Pot Pot, Strike Strike, Delivery Delivery, TableDoubt Doubt, PlayerProfile? Next = null, Func<Place, bool>? Zone = null);

/// <summary>
/// Plays a stroke again and again with the player's scatter, on tables as they may be. The draws depend on seed and number alone: strokes that are compared meet the same
/// chance, and the answer does not depend on the number of threads.
/// </summary>
public static class StrokeSampler
{
    /// <summary>Plays the strokes with the numbers from 0 to a count.</summary>
    /// <param name="question">The stroke.</param>
    /// <param name="count">How many, at least 1.</param>
    /// <param name="seed">Seed of the draws.</param>
    /// <param name="threads">Threads at most; 0 for as many as there are processors.</param>
    /// <param name="cancel">Stops the work between strokes.</param>
    /// <returns>The samples in the order of their numbers.</returns>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public static StrokeSample[] Play(SampleQuestion question, int count, int seed, int threads = 0, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(question);
        ArgumentOutOfRangeException.ThrowIfLessThan(count, 1);
        var samples = new StrokeSample[count];
        var tables = Math.Min(TableDoubt.Tables, count);
        var most = threads == 0 ? Environment.ProcessorCount : threads;
        Parallel.For(0, tables, new ParallelOptions { MaxDegreeOfParallelism = most, CancellationToken = cancel }, table =>
        {
            var reader = new Reader(question, question.Doubt.Draw(question.Table.Conditions, seed, table), table);
            for (var number = table; number < count; number += TableDoubt.Tables)
            {
                cancel.ThrowIfCancellationRequested();
                samples[number] = reader.Play(Draws.Stroke(seed, number));
            }
        });
        return samples;
    }

    /// <summary>Strokes that are simulated for a count of samples: on each table the stroke is played once as it is meant.</summary>
    /// <param name="count">How many samples.</param>
    public static int StrokesFor(int count) => count + Math.Min(TableDoubt.Tables, count);

    /// <summary>Plays strokes on one of the tables.</summary>
    private sealed class Reader
    {
        private readonly SampleQuestion _question;
        private readonly int _table;
        private readonly TableSimulation _simulation;
        private readonly StrokeResult _result = new();
        private readonly double _cut;
        private readonly LeaveGauge? _gauge;
        private readonly List<LeavePot> _pots = [];

        public Reader(SampleQuestion question, PlayingConditions conditions, int table)
        {
            (_question, _table) = (question, table);
            _simulation = new TableSimulation(conditions, question.Table.Outline);
            _gauge = question.Next is { } player ? new LeaveGauge(question.Table, player) : null;
            _simulation.Run(question.Layout, question.Strike, _result);
            _cut = _result.FirstContact?.CutRadians ?? 0;
        }

        public StrokeSample Play(in StrokeDraw draw)
        {
            var strike = _question.Delivery.Play(_question.Strike, draw);
            _simulation.Run(_question.Layout, strike, _result);
            var pot = _question.Pot;
            var isPotted = false;
            PocketId? inOff = null;
            var isFoul = false;
            foreach (var potted in _result.Potted)
            {
                if (potted.Ball == BallId.Cue) (inOff, isFoul) = (potted.Pocket, true);
                else if (potted.Ball == pot.Ball) isPotted = potted.Pocket == pot.Pocket;
                else if (!(BallSet.IsRed(potted.Ball) && BallSet.IsRed(pot.Ball))) isFoul = true;
            }

            var first = _result.FirstContact;
            var isMet = first?.Ball == pot.Ball;
            isPotted = isPotted && isMet;
            var white = _result[BallId.Cue];
            var second = _result.SecondContact;
            var (next, on) = isPotted && !isFoul && white is { } place ? Leave(place) : (null, 0);
            return new StrokeSample(
                isPotted,
                isPotted ? MissSide.None : isMet ? SideOf(first!.Value.CutRadians) : MissSide.NotMet,
                isFoul,
                white,
                inOff,
                isMet ? second?.Ball : null,
                second?.White.Place ?? default,
                second?.White.Velocity.Length ?? 0,
                next,
                on,
                white is { } at && _question.Zone is { } zone && zone(at),
                strike.IsMiscueRisk,
                _table);
        }

        private MissSide SideOf(double cut)
        {
            var straight = Math.Abs(_cut) < PottingLine.NearlyStraightDegrees * Math.PI / 180;
            var thinner = straight ? cut - _cut > 0 : Math.Abs(cut) > Math.Abs(_cut);
            return thinner ? MissSide.Thin : MissSide.Thick;
        }

        private (LeavePot? Best, int On) Leave(Place white)
        {
            if (_gauge is null) return (null, 0);
            var leave = NextLeave.AfterStroke(_question.Layout, _question.Pot.Ball, _result);
            _gauge.Read(white, leave.Balls, leave.On, _pots);
            return _pots.Count == 0 ? (null, 0) : (_pots[0], _pots.Count(pot => pot.IsOn));
        }
    }
}
