using System.Text.Json;
using System.Text.Json.Serialization;
using Haar.Core.Capacitors;
using Haar.Core.Parts;
using Haar.Core.Verdicts;
using Haar.Data;
using Haar.Web.Http;

namespace Haar.Web.Parts;

/// <summary>The supplier did not answer as its interface promises. Carries a sentence; nothing was changed by it.</summary>
public sealed class SupplierException(string message) : Exception(message);

/// <summary>A supplier's list: <c>GET {address}</c>. Documented in docs/formats.md.</summary>
public sealed record SupplierCatalogue
{
    public required string Format { get; init; }
    public required int Version { get; init; }
    public string Name { get; init; } = "";
    public string Currency { get; init; } = "EUR";
    public double Postage { get; init; }
    public double? FreeFrom { get; init; }
    public int Days { get; init; }
    public required IReadOnlyList<CatalogueOffer> Offers { get; init; }
}

public sealed record CatalogueOffer(string Sku, CapacitorSpec Spec, int PackSize, IReadOnlyList<PriceBreak> Breaks, int? StockPacks = null);

/// <summary>An order: <c>POST {address}/orders</c>. The reference makes a second sending the same order.</summary>
public sealed record SupplierOrderAsk(string Reference, IReadOnlyList<SupplierOrderAskLine> Lines);

public sealed record SupplierOrderAskLine(string Sku, int Packs);

/// <summary>How long a supplier may take to answer.</summary>
/// <param name="AnswerTime">For one whole answer. A default, not a figure from anywhere: a shop's server that takes longer than six seconds is not going to answer.</param>
public sealed record SupplierPatience(TimeSpan AnswerTime)
{
    public static readonly SupplierPatience Default = new(TimeSpan.FromSeconds(6));
}

/// <summary>Talks with a supplier over its documented HTTP interface. Late, broken and half answers each become a sentence.</summary>
public sealed class SupplierClient(HttpClient http, SupplierPatience patience)
{
    public const int MostBytes = 4_000_000;

    static readonly JsonSerializerOptions Json = new(HaarJson.Compact) { UnmappedMemberHandling = JsonUnmappedMemberHandling.Skip };

    /// <exception cref="SupplierException">Not reached, late, an error, half a document, or not a list.</exception>
    public async Task<SupplierCatalogue> CatalogueAsync(string address, CancellationToken cancel)
    {
        var c = await AskAsync<SupplierCatalogue>(HttpMethod.Get, address, null, "its list", cancel);
        return c.Format != "haar-supplier" || c.Version != 1
            ? throw new SupplierException("What answers there is no supplier's list that Haar knows. The list from before stands.")
            : c;
    }

    public Task<SupplierOrder> OrderAsync(string address, SupplierOrderAsk ask, CancellationToken cancel) =>
        AskAsync<SupplierOrder>(HttpMethod.Post, $"{address.TrimEnd('/')}/orders", ask, "the order", cancel);

    public Task<SupplierOrder> StateAsync(string address, string number, CancellationToken cancel) =>
        AskAsync<SupplierOrder>(
            HttpMethod.Get,
            $"{address.TrimEnd('/')}/orders/{Uri.EscapeDataString(number)}",
            null,
            "how the order stands",
            cancel
        );

    async Task<T> AskAsync<T>(HttpMethod method, string address, object? body, string what, CancellationToken cancel)
    {
        using var late = new CancellationTokenSource(patience.AnswerTime);
        using var both = CancellationTokenSource.CreateLinkedTokenSource(late.Token, cancel);
        try
        {
            using var request = new HttpRequestMessage(method, address);
            if (body is not null)
            {
                request.Content = JsonContent.Create(body, body.GetType(), options: Json);
            }
            using var response = await http.SendAsync(request, HttpCompletionOption.ResponseHeadersRead, both.Token);
            if (!response.IsSuccessStatusCode)
            {
                throw new SupplierException(
                    $"The supplier answered with an error ({(int)response.StatusCode}) when asked for {what}. {After(method)}"
                );
            }
            await using var stream = await response.Content.ReadAsStreamAsync(both.Token);
            using var whole = new MemoryStream();
            var buffer = new byte[81920];
            int n;
            while ((n = await stream.ReadAsync(buffer, both.Token)) > 0)
            {
                whole.Write(buffer, 0, n);
                if (whole.Length > MostBytes)
                {
                    throw new SupplierException($"The supplier sent more than {MostBytes / 1_000_000} MB for {what}. {After(method)}");
                }
            }

            var answer =
                JsonSerializer.Deserialize<T>(whole.ToArray(), Json)
                ?? throw new SupplierException($"The supplier sent nothing for {what}. {After(method)}");
            SoundInput.Check(answer);
            return answer;
        }
        catch (OperationCanceledException) when (late.IsCancellationRequested && !cancel.IsCancellationRequested)
        {
            throw new SupplierException(
                $"The supplier did not answer within {patience.AnswerTime.TotalSeconds:0} seconds when asked for {what}. {After(method)}"
            );
        }
        catch (InvalidInputException e)
        {
            throw new SupplierException($"The supplier sent what cannot be ({e.Field}) for {what}: {e.Message} {After(method)}");
        }
        catch (JsonException)
        {
            throw new SupplierException($"The supplier sent half a document, or none that can be read, for {what}. {After(method)}");
        }
        catch (HttpRequestException e) when (e.InnerException is OutboundException refused)
        {
            throw new SupplierException($"{refused.Message} {After(method)}");
        }
        catch (HttpRequestException e)
        {
            throw new SupplierException(
                e.HttpRequestError == HttpRequestError.ResponseEnded
                    ? $"The supplier hung up in the middle of {what}. {After(method)}"
                    : $"The supplier cannot be reached for {what}. {After(method)}"
            );
        }
        catch (IOException)
        {
            throw new SupplierException($"The supplier hung up in the middle of {what}. {After(method)}");
        }
    }

    static string After(HttpMethod method) =>
        method == HttpMethod.Post
            ? "The order is written down here and not lost: send it again; the supplier knows it by its reference and takes it once."
            : "Nothing was changed; what was known before stands.";

    /// <summary>Their offers as ours, checked one by one.</summary>
    /// <exception cref="SupplierException">An offer that cannot be.</exception>
    public static List<SupplierOffer> Offers(Supplier s, IReadOnlyList<CatalogueOffer> offers)
    {
        var taken = offers
            .Select(o => new SupplierOffer(
                s.Id.ToString(),
                o.Sku,
                o.Spec,
                o.PackSize,
                [.. o.Breaks.OrderBy(b => b.FromPacks)],
                o.StockPacks
            ))
            .ToList();
        try
        {
            OrderPlan.Check(taken, [s.Terms]);
            return taken;
        }
        catch (InvalidInputException e)
        {
            throw new SupplierException($"The supplier's list contradicts itself ({e.Field}): {e.Message} The list from before stands.");
        }
    }
}
