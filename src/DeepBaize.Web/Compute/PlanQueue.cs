using DeepBaize.Web.Problems;

namespace DeepBaize.Web.Compute;

/// <summary>The plans that run or wait, in the order in which they came: each that waits is told how many are ahead of it.</summary>
/// <param name="most">Places that there are.</param>
/// <param name="retrySeconds">After how many seconds who found none may come again.</param>
internal sealed class PlanQueue(int most, int retrySeconds)
{
    private readonly Lock _gate = new();
    private readonly List<Ticket> _tickets = [];

    /// <summary>Plans that run or wait.</summary>
    public int Count
    {
        get
        {
            lock (_gate) return _tickets.Count;
        }
    }

    /// <summary>Refuses a plan that would find no place.</summary>
    /// <exception cref="RefusalException">All are taken.</exception>
    public void RequireRoom()
    {
        if (Count >= most) throw RefusalException.Busy(retrySeconds);
    }

    /// <summary>Takes a place at the end.</summary>
    /// <param name="waits">Is told how many are ahead, now and whenever one of them has gone; null when nobody asks.</param>
    /// <returns>The place; given back when the plan is done or its reader has left.</returns>
    /// <exception cref="RefusalException">All are taken.</exception>
    public Ticket Enter(Action<int>? waits)
    {
        var ticket = new Ticket(this, waits);
        lock (_gate)
        {
            // Those that come at the same instant have all been let in on the way here: the last place is still given once.
            RequireRoom();
            _tickets.Add(ticket);
            waits?.Invoke(_tickets.Count - 1);
        }

        return ticket;
    }

    private void Leave(Ticket ticket)
    {
        lock (_gate)
        {
            var at = _tickets.IndexOf(ticket);
            if (at < 0) return;
            _tickets.RemoveAt(at);
            for (var i = at; i < _tickets.Count; i++) _tickets[i].Tell(i);
        }
    }

    /// <summary>One place.</summary>
    internal sealed class Ticket(PlanQueue queue, Action<int>? waits) : IDisposable
    {
        private Action<int>? _waits = waits;

        /// <summary>The plan runs: it is told nothing more.</summary>
        public void Starts() => _waits = null;

        public void Dispose() => queue.Leave(this);

        public void Tell(int ahead) => _waits?.Invoke(ahead);
    }
}
