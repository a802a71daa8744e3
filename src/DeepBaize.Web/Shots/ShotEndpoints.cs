namespace DeepBaize.Web.Shots;

/// <summary>Routes of the shot feature.</summary>
public static class ShotEndpoints
{
    /// <summary>Maps the routes.</summary>
    public static void MapShots(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/shots/predict", (PredictRequest request) => Predictor.Predict(request))
            .WithName("PredictShot")
            .WithSummary("Plays one exact stroke, without noise, and says where every ball goes.")
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .ProducesProblem(StatusCodes.Status413PayloadTooLarge)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
    }
}
