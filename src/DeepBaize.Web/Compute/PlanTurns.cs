using DeepBaize.Web.Problems;

namespace DeepBaize.Web.Compute;

/// <summary>
/// The plans that run or wait. Callers have their turns one after the other: the first plan of each before the second of any. Each that
/// waits is told how many are ahead of it.
/// </summary>
/// <param name="atOnce">Plans that run at once.</param>
/// <param name="most">Places that there are.</param>
/// <param name="mostOfOne">Places that one caller may have.</param>
/// <param name="retrySeconds">After how many seconds who found none may come again.</param>
public sealed class PlanTurns(int atOnce, int most, int mostOfOne, int retrySeconds)
{
    private readonly Lock _gate = new();

    /// <summary>In the order in which they came.</summary>
    private readonly List<Ticket> _tickets = [];

    /// <summary>The round in which the plan that began last has its turn.</summary>
    private int _round;

    /// <summary>Plans that run or wait.</summary>
    public int Count
    {
        get
        {
            lock (_gate) return _tickets.Count;
        }
    }

    /// <summary>Takes a place.</summary>
    /// <returns>The place; given back when the plan is done or its reader has left.</returns>
    /// <exception cref="RefusalException">All are taken, or the caller has as many as one may have.</exception>
    public Ticket Enter(string caller)
    {
        lock (_gate)
        {
            if (_tickets.Count >= most || _tickets.Count(other => other.Caller == caller) >= mostOfOne)
                throw RefusalException.Busy(retrySeconds);
            var before = _tickets.FindLast(other => other.Caller == caller);
            var ticket = new Ticket(this, caller, before?.Round + 1 ?? _round);
            _tickets.Add(ticket);
            Proceed();
            return ticket;
        }
    }

    private void Leave(Ticket ticket)
    {
        lock (_gate)
        {
            if (_tickets.Remove(ticket)) Proceed();
        }
    }

    /// <summary>Lets those begin whose turn it is and tells the others where they stand.</summary>
    private void Proceed()
    {
        var place = 0;
        foreach (var ticket in _tickets.OrderBy(one => one.Runs ? 0 : 1).ThenBy(one => one.Round).ToList())
        {
            if (place < atOnce) _round = ticket.Round;
            ticket.StandAt(place++, atOnce);
        }
    }

    /// <summary>One place.</summary>
    public sealed class Ticket : IDisposable
    {
        private readonly PlanTurns _queue;
        private readonly TaskCompletionSource _turn = new(TaskCreationOptions.RunContinuationsAsynchronously);
        private Action<int>? _waits;
        private int _place = -1;

        internal Ticket(PlanTurns queue, string caller, int round) => (_queue, Caller, Round) = (queue, caller, round);

        /// <summary>Whose it is.</summary>
        public string Caller { get; }

        /// <summary>In which round it has its turn: each caller has one a round.</summary>
        internal int Round { get; }

        /// <summary>Its turn has come.</summary>
        internal bool Runs => _turn.Task.IsCompleted;

        /// <summary>Waits for its turn.</summary>
        /// <param name="waits">Is told how many are ahead, at once and whenever that changes; nothing when its turn has come.</param>
        /// <param name="cancel">Stops the waiting.</param>
        /// <exception cref="OperationCanceledException">It was stopped.</exception>
        public Task TurnAsync(Action<int> waits, CancellationToken cancel)
        {
            lock (_queue._gate)
            {
                if (!Runs)
                {
                    _waits = waits;
                    waits(_place);
                }
            }

            return _turn.Task.WaitAsync(cancel);
        }

        /// <inheritdoc />
        public void Dispose() => _queue.Leave(this);

        /// <summary>Takes a place in the line.</summary>
        internal void StandAt(int place, int atOnce)
        {
            var isNew = place != _place;
            _place = place;
            if (place < atOnce) _turn.TrySetResult();
            else if (isNew) _waits?.Invoke(place);
        }
    }
}
