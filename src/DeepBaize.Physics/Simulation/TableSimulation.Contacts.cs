using DeepBaize.Physics.Balls;
using DeepBaize.Physics.Impacts;
using DeepBaize.Physics.Motion;
using DeepBaize.Table;
using DeepBaize.Table.Layouts;

namespace DeepBaize.Physics.Simulation;

/// <content>Balls that meet: two alone, or an impulse that arrives at balls which touch.</content>
public sealed partial class TableSimulation
{
    /// <summary>Overlap in metres that is mere rounding.</summary>
    private const double RoundingOverlap = 1e-11;

    private void HandlePair(int i, int j, bool leans)
    {
        (_group[0], _group[1]) = (i, j);
        (_before[0], _before[1]) = (_bodies[i].StateAt(_now), _bodies[j].StateAt(_now));
        MoveApart(_bodies[i].IsAirborne, _bodies[j].IsAirborne, ref _before[0], ref _before[1]);
        var closing = BallContact.Between(_before[0], _before[1]).Closing(_before[0], _before[1]);
        ref var met = ref _pairMet[i * BallSet.Count + j];
        var trembles = leans || (met && closing < TrembleSpeed);
        // Two that meet for the first time do so by the law of impact, however slowly; after that they press.
        var presses = leans || (met && closing < BallImpact.DeadSpeed);
        var isInAir = _bodies[i].IsAirborne || _bodies[j].IsAirborne;
        met = true;
        if (!leans && _bodies[i].Ball == BallId.Cue) NoteWhite(_bodies[j].Ball);
        var reach = Math.Max(Layout.TouchingGap, _clusters.ReachAt(closing));
        var isAlone = presses || closing < BallImpact.DeadSpeed || IsAloft(_before[0], _before[1]);
        var count = isAlone ? 2 : GatherGroup(closing, reach);
        _before.AsSpan(0, count).CopyTo(_after);
        if (presses && isInAir) ShareSpeedInAir(closing);
        else if (presses) ShareSpeed(closing);
        else if (count == 2) BallImpact.Resolve(ref _after[0], ref _after[1], _conditions.Balls);
        else ResolveNearBed(count, reach);
        count = KeepChanged(count);
        for (var k = 0; k < count; k++) Change(ref _bodies[_group[k]], Onward(_bodies[_group[k]], _after[k]), trembles);
        if (presses && !isInAir) PressTogether(i, j);
        for (var k = 0; k < count; k++) Foresee(_group[k]);
        if (!presses) TellContact(count, trembles);
    }

    /// <summary>Notes the white's first contact, and its first with another ball.</summary>
    private void NoteWhite(BallId met)
    {
        if (_result.FirstContact is not { } first)
        {
            (_result.FirstContact, _firstContactTime) = (Contact(_before[0], met, _before[1]), _now);
            return;
        }

        if (first.Ball == met) return;
        _whiteMetMore = true;
        _result.SecondContact ??= Contact(_before[0], met, _before[1]);
    }

    private void ResolveCluster(int count, double reach)
    {
        _result.ClusterCount++;
        _clusters.Resolve(_after.AsSpan(0, count), reach, _work);
        if (_result.SecondContact is null) NoteWhiteInCluster(count);
    }

    /// <summary>Notes the white's contact with a second ball within the impact.</summary>
    private void NoteWhiteInCluster(int count)
    {
        var white = 0;
        while (white < count && _bodies[_group[white]].Ball != BallId.Cue) white++;
        if (white == count) return;
        for (var k = 0; k < count; k++)
        {
            if (k == white || _bodies[_group[k]].Ball == _result.FirstContact?.Ball || !_clusters.Met(white, k, out var moved)) continue;
            var before = _before[white] with { Position = _before[white].Position + new Vec3(moved.X, moved.Y, 0) };
            _result.SecondContact = Contact(before, _bodies[_group[k]].Ball, _before[k]);
            return;
        }
    }

    /// <summary>
    /// Extends the two balls that meet to all that an impulse can reach: linked by gaps that are crossed while it lasts, unless they part
    /// faster than the two close.
    /// </summary>
    private int GatherGroup(double closing, double reach)
    {
        var count = 2;
        for (var k = 0; k < count; k++)
        {
            var member = _before[k];
            for (var other = 0; other < _count; other++)
            {
                if (_bodies[other].IsGone || IsInGroup(other, count)) continue;
                if (Math.Abs(_bodies[other].RiseAt(_now, _radius).Height) > Flight.BedHeight) continue;
                var motion = _bodies[other].MotionAt(_now);
                var (dx, dy) = (motion.X - member.Position.X, motion.Y - member.Position.Y);
                var limit = 2 * _radius + reach;
                if (dx * dx + dy * dy > limit * limit) continue;
                var state = _bodies[other].StateAt(_now);
                if (BallContact.Between(member, state).Closing(member, state) < -closing) continue;
                (_group[count], _before[count]) = (other, state);
                count++;
            }
        }

        return count;
    }

    private bool IsInGroup(int body, int count)
    {
        for (var k = 0; k < count; k++)
        {
            if (_group[k] == body) return true;
        }

        return false;
    }

    /// <summary>Drops from a group the balls that the impulse has not reached, and returns how many are left.</summary>
    private int KeepChanged(int count)
    {
        var kept = 2;
        for (var k = 2; k < count; k++)
        {
            if (_after[k] == _before[k]) continue;
            (_group[kept], _before[kept], _after[kept]) = (_group[k], _before[k], _after[k]);
            kept++;
        }

        return kept;
    }

    /// <summary>Takes out the overlap, a tenth of a micrometre at most, into which two pressing balls have sunk.</summary>
    private void MoveApart(bool firstFlies, bool secondFlies, ref BallState a, ref BallState b)
    {
        var apart = b.Position - a.Position;
        var distance = apart.Length;
        var overlap = 2 * _radius - distance;
        if (overlap < RoundingOverlap) return;
        // A ball on the bed does not give way to one in the air.
        var share = firstFlies == secondFlies ? 0.5 : firstFlies ? 1 : 0;
        var shift = apart * (overlap / distance);
        a = a with { Position = a.Position - shift * share };
        b = b with { Position = b.Position + shift * (1 - share) };
    }

    private static FirstContact Contact(in BallState white, BallId ball, in BallState met)
    {
        var line = met.Position - white.Position;
        var cut = Math.Atan2(
            white.Velocity.X * line.Y - white.Velocity.Y * line.X,
            white.Velocity.X * line.X + white.Velocity.Y * line.Y);
        return new FirstContact(ball, white, met.Place, cut);
    }
}
