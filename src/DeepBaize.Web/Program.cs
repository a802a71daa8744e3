using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using DeepBaize.Data;
using DeepBaize.Web;
using DeepBaize.Web.Breaks;
using DeepBaize.Web.Chances;
using DeepBaize.Web.Compute;
using DeepBaize.Web.Exchange;
using DeepBaize.Web.Health;
using DeepBaize.Web.Attempts;
using DeepBaize.Web.Book;
using DeepBaize.Web.Mapping;
using DeepBaize.Web.Outline;
using DeepBaize.Web.Paces;
using DeepBaize.Web.Players;
using DeepBaize.Web.Pots;
using DeepBaize.Web.Presets;
using DeepBaize.Web.Escapes;
using DeepBaize.Web.Safety;
using DeepBaize.Web.Problems;
using DeepBaize.Web.Profiles;
using DeepBaize.Web.Sheets;
using DeepBaize.Web.Shelf;
using DeepBaize.Web.Shots;
using Serilog;

var builder = WebApplication.CreateBuilder(args);
if (args.Contains("--set-up"))
{
    var loaded = await DatabaseSetup.RunAsync(builder.Configuration.BaizeConnection());
    Console.WriteLine(loaded ? "The database is ready; the demo was loaded." : "The database is ready.");
    return;
}

builder.WebHost.ConfigureKestrel(kestrel =>
{
    kestrel.Limits.MaxRequestBodySize = 1_000_000;
    kestrel.AddServerHeader = false;
});
builder.Services.ConfigureHttpJsonOptions(json =>
{
    json.SerializerOptions.NumberHandling = JsonNumberHandling.Strict;
    json.SerializerOptions.UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow;
    json.SerializerOptions.RespectNullableAnnotations = true;
    json.SerializerOptions.RespectRequiredConstructorParameters = true;
    json.SerializerOptions.PropertyNamingPolicy = JsonNamingPolicy.CamelCase;
    json.SerializerOptions.Converters.Add(new PlainNumber());
    json.SerializerOptions.TypeInfoResolver = (json.SerializerOptions.TypeInfoResolver ?? new DefaultJsonTypeInfoResolver())
        .WithAddedModifier(NoGaps.Refuse);
});
builder.Services.Configure<RouteHandlerOptions>(options => options.ThrowOnBadRequest = true);
builder.Services.AddSerilog(log => log.ReadFrom.Configuration(builder.Configuration));
builder.Services.AddProblemDetails(options => options.CustomizeProblemDetails = PlainStatus.Explain);
builder.Services.AddExceptionHandler<ProblemHandler>();
builder.Services.AddPackedText();
builder.Services.AddOpenApi(document => document
    .AddSchemaTransformer(PlainNumber.DescribeAsync)
    .AddSchemaTransformer(CodesAttribute.DescribeAsync));
builder.Services.AddSingleton(TimeProvider.System);
// Who stops the server does not wait for plans.
builder.Services.Configure<HostOptions>(host => host.ShutdownTimeout = TimeSpan.FromSeconds(1));
builder.Services.AddHttpContextAccessor();
builder.Services.AddSingleton<ComputePool>();
builder.Services.AddScoped<CallerPool>();
builder.Services.AddTelemetry(builder.Configuration);
builder.Services.AddHostedService<WarmUp>();
builder.Services.AddSingleton(new OwnerScope(Owner.Local));
builder.Services.AddDbContext<BaizeDbContext>((services, options) =>
    options.UseBaizePostgres(services.GetRequiredService<IConfiguration>().BaizeConnection()));
builder.Services.AddScoped<BookStore>();
builder.Services.AddScoped<WorkingSheetStore>();
builder.Services.AddScoped<ShelfStore>();
builder.Services.AddScoped<AttemptStore>();
builder.Services.AddScoped<PacesInUse>();
builder.Services.AddHealthChecks().AddDbContextCheck<BaizeDbContext>("database", tags: [HealthRoutes.Ready]);

var app = builder.Build();
app.UsePageHeaders();
app.UseResponseCompression();
app.UseExceptionHandler();
app.UseStatusCodePages();
app.UseOwnPagesOnly();
app.UseReadableBodies();
app.UseCallers();
app.UseWorkMeter();
app.UseDefaultFiles();
app.UseStaticFiles();
app.MapOpenApi("/openapi/v1.json");
app.MapHealth();
app.MapShots();
app.MapPots();
app.MapChances();
app.MapBreaks();
app.MapSafety();
app.MapEscapes();
app.MapRunRule();
app.MapOutline();
app.MapProfiles();
app.MapBook();
app.MapSheets();
app.MapPresets();
app.MapExchange();
app.MapShelf();
app.MapPlayers();
app.MapAttempts();
app.MapPage();
await app.RunAsync();

/// <summary>The web application, named so that tests can host it.</summary>
public partial class Program;
