using System.Collections;
using System.Text.Json;
using System.Text.Json.Serialization.Metadata;

namespace DeepBaize.Web.Problems;

/// <summary>
/// Refuses lists with an entry that is null: the serializer minds annotations of members, not of entries. Balls and marks that are missing
/// are named by those who read them.
/// </summary>
internal static class NoGaps
{
    /// <summary>Marks what this refuses among all that is wrong with JSON.</summary>
    public const string Mark = "gap";

    /// <summary>Lets a type look at its lists once it is read.</summary>
    public static void Refuse(JsonTypeInfo type)
    {
        ArgumentNullException.ThrowIfNull(type);
        if (type.Kind != JsonTypeInfoKind.Object) return;
        var lists = type.Properties.Where(
            member => member.Get is not null && member.Name is not ("balls" or "marks") && IsList(member.PropertyType)).ToList();
        if (lists.Count > 0) type.OnDeserialized += made => lists.ForEach(list => Require(list, made));
    }

    private static bool IsList(Type type) =>
        typeof(IEnumerable).IsAssignableFrom(type) && type.IsGenericType && type.GetGenericArguments() is [{ IsValueType: false }];

    private static void Require(JsonPropertyInfo list, object made)
    {
        if (list.Get!(made) is IEnumerable entries && entries.Cast<object?>().Any(entry => entry is null))
            throw new JsonException($"{Mark}: {list.Name}");
    }
}
