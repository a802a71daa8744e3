namespace DeepBaize.Web.Compute;

/// <summary>
/// What waits, taken in turns: of each caller in the order in which it came, and of the callers one after the other, so that who asks for
/// much does not keep others waiting. Not safe for several threads at once.
/// </summary>
internal sealed class FairQueue<T>
{
    private readonly Dictionary<string, LinkedList<T>> _of = [];
    private readonly Queue<string> _turns = new();

    /// <summary>Puts something at the end of what its caller waits for.</summary>
    public void Add(string caller, T item)
    {
        if (!_of.TryGetValue(caller, out var waiting))
        {
            _of[caller] = waiting = new LinkedList<T>();
            _turns.Enqueue(caller);
        }

        waiting.AddLast(item);
    }

    /// <summary>Takes what is next.</summary>
    /// <returns>False when nothing waits.</returns>
    public bool TryTake(out T? item)
    {
        item = default;
        while (_turns.TryDequeue(out var caller))
        {
            var waiting = _of[caller];
            if (waiting.First is { } first)
            {
                item = first.Value;
                waiting.RemoveFirst();
                _turns.Enqueue(caller);
                return true;
            }

            _of.Remove(caller);
        }

        return false;
    }

    /// <summary>Takes away something that need not be waited for any more.</summary>
    /// <returns>False when it does not wait.</returns>
    public bool Remove(string caller, T item) => _of.TryGetValue(caller, out var waiting) && waiting.Remove(item);
}
