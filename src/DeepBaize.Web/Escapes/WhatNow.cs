using DeepBaize.Planning.Escapes;
using DeepBaize.Planning.Safety;
using DeepBaize.Physics.Work;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Safety;
using DeepBaize.Words;

namespace DeepBaize.Web.Escapes;

/// <summary>Which section answers.</summary>
/// <param name="Section">break, safety or escape.</param>
/// <param name="Words">Why, in a sentence.</param>
public sealed record NowAnswer([Codes("break", "safety", "escape")] string Section, string Words);

/// <summary>Says which section answers now: a snooker asks for a way out of it; else pot and safety are weighed.</summary>
internal static class WhatNow
{
    /// <summary>Strokes with which it is weighed whether to pot or to play safe.</summary>
    private const int Budget = 2000;

    public static NowAnswer Of(SafetyQuestionInput question, CancellationToken cancel)
    {
        var scene = SafetyReader.Read(question with { Budget = Budget });
        var reader = new SnookerReader(scene.Table);
        if (!scene.Frame.IsInHand && reader.IsSnookered(scene.Frame))
        {
            var snooker = new EscapePlan(true, reader.Read(scene.Frame), [], 0, false);
            return new NowAnswer("escape", EscapeWords.Snooker(snooker, scene.Frame));
        }

        var plan = new SafetyPlanner(scene.Plan(Sharing.Threads)).Plan(scene.Frame, scene.Budget, cancel: cancel);
        return new NowAnswer(plan.IsPot ? "break" : "safety", SafetyWords.Now(plan, SafetyFinder.Before(plan.Best, scene)));
    }
}
