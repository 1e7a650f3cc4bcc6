using System.Net.Sockets;
using System.Text;
using Haar.Core.Meters;
using Haar.Core.Verdicts;
using Haar.Web.Http;

namespace Haar.Web.Meters;

/// <summary>The meter cannot be reached, is too slow, or fell silent. Carries a sentence.</summary>
public sealed class MeterException(string message) : Exception(message);

/// <param name="Identification">Its answer to *IDN?.</param>
/// <param name="Value">Settled, in the quantity's base unit; null on overload.</param>
/// <param name="Taken">How many values were read until it settled.</param>
public sealed record MeterValue(string Identification, double? Value, bool Overload, int Taken);

/// <summary>Talks SCPI over TCP with a bench meter: asks who it is, shows it which part comes next, and reads until the value has settled.</summary>
public sealed class ScpiMeter(TimeProvider time, OutboundPolicy outbound)
{
    public static readonly TimeSpan AnswerTime = TimeSpan.FromSeconds(3);
    public static readonly TimeSpan WholeTime = TimeSpan.FromSeconds(15);
    const int MostReadings = 20;
    const int MostLine = 1024;

    /// <param name="label">Shown on the meter's own display when <paramref name="showPart"/>.</param>
    /// <exception cref="MeterException">Not reached, slow, silent, or never settled.</exception>
    /// <exception cref="MeterAnswerException">It answered, but no number.</exception>
    public async Task<MeterValue> ReadAsync(
        string host,
        int port,
        Quantity quantity,
        string label,
        bool showPart,
        Instrument with = Instrument.NotKnown,
        CancellationToken cancel = default
    )
    {
        var query = Scpi.Query(quantity, with);
        using var whole = new CancellationTokenSource(WholeTime, time);
        using var both = CancellationTokenSource.CreateLinkedTokenSource(whole.Token, cancel);
        Socket? socket = null;
        var values = new List<double>();
        try
        {
            socket = await Within(outbound.ConnectAsync(host, port, both.Token), "did not answer the call");
            using var stream = new NetworkStream(socket, true);
            var line = new Line(stream);
            var identification = Clean(await Ask(stream, line, "*IDN?", both.Token));
            if (identification.Length == 0)
            {
                throw new MeterException("The meter did not say what it is. Nothing was written; the earlier readings stand.");
            }
            if (showPart && label.Length > 0)
            {
                await Send(stream, $"DISP:TEXT \"{new string([.. label.Where(c => c is not '"' and >= ' ').Take(40)])}\"", both.Token);
            }

            for (var i = 0; i < MostReadings; i++)
            {
                var reply = Scpi.Parse(await Ask(stream, line, query, both.Token));
                if (reply.Overload)
                {
                    return new(identification, null, true, i + 1);
                }
                values.Add(reply.Value!.Value);
                if (Scpi.Settled(values) is { } settled)
                {
                    return new(identification, settled, false, values.Count);
                }
            }

            throw new MeterException(
                $"The reading never settled: {values.Count} values, the last two {Core.Markings.Si.Format(values[^2], quantity.Unit())} and {Core.Markings.Si.Format(values[^1], quantity.Unit())}. Hold the probes still, or let the capacitor down first."
            );
        }
        catch (Exception e) when (e is SocketException or IOException or ObjectDisposedException)
        {
            throw new MeterException(
                socket is not null
                    ? "The meter hung up or dropped off the network in the middle. Nothing was written; the earlier readings stand."
                    : $"No meter answers at {host}, port {port}: is it on, and is the address right? You can type the reading instead."
            );
        }
        catch (OutboundException e)
        {
            throw new MeterException(e.Message);
        }
        catch (OperationCanceledException) when (!cancel.IsCancellationRequested)
        {
            throw new MeterException(
                $"The meter took longer than {WholeTime.TotalSeconds:0} seconds. Nothing was written; the earlier readings stand."
            );
        }
    }

    static async Task<string> Ask(NetworkStream stream, Line line, string command, CancellationToken cancel)
    {
        await Send(stream, command, cancel);
        return await Within(line.Next(cancel), $"did not answer {command}");
    }

    static Task Send(NetworkStream stream, string command, CancellationToken cancel) =>
        stream.WriteAsync(Encoding.UTF8.GetBytes(command + "\n"), cancel).AsTask();

    static async Task<T> Within<T>(Task<T> task, string what)
    {
        await Within((Task)task, what);
        return await task;
    }

    static async Task Within(Task task, string what)
    {
        try
        {
            await task.WaitAsync(AnswerTime);
        }
        catch (TimeoutException)
        {
            _ = task.ContinueWith(static t => _ = t.Exception, TaskScheduler.Default);
            throw new MeterException(
                $"The meter {what} within {AnswerTime.TotalSeconds:0} seconds. Nothing was written; the earlier readings stand."
            );
        }
    }

    static string Clean(string s) => new([.. s.Where(c => !char.IsControl(c) && c != '\uFFFD').Take(80)]);

    /// <summary>Reads lines, and gives up on one that never ends.</summary>
    sealed class Line(NetworkStream stream)
    {
        readonly byte[] buffer = new byte[MostLine];
        int filled;

        public async Task<string> Next(CancellationToken cancel)
        {
            while (true)
            {
                var end = Array.IndexOf(buffer, (byte)'\n', 0, filled);
                if (end >= 0)
                {
                    var text = Encoding.UTF8.GetString(buffer, 0, end);
                    filled -= end + 1;
                    Array.Copy(buffer, end + 1, buffer, 0, filled);
                    return text.TrimEnd('\r');
                }

                if (filled == buffer.Length)
                {
                    throw new MeterAnswerException("The meter sent a line without an end.");
                }
                var n = await stream.ReadAsync(buffer.AsMemory(filled), cancel);
                if (n == 0)
                {
                    throw new IOException("closed");
                }
                filled += n;
            }
        }
    }
}
