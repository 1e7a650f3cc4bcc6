using System.Globalization;
using System.Net;
using System.Net.Sockets;
using System.Text;

namespace Haar.StandIns.Meters;

/// <summary>How the stand-in behaves from now on.</summary>
public enum Mood
{
    Well,
    Slow,
    Silent,
    Garbage,
    Drops,
    Restless,
}

/// <summary>
/// A bench meter on the network, as a real one answers: SCPI over TCP, one command a line. Readings settle over the first few
/// values, an open input is 9.9E37, wrong commands go into the error queue. FIXTure commands, which no real meter has, put a
/// part under its probes or spoil its mood:
/// <code>
/// *IDN?  *RST  *CLS  SYST:ERR?  MEAS:CAP?  MEAS:RES?  MEAS:FRES?  MEAS:VOLT?  MEAS:VOLT:AC?  DISP:TEXT "words"  DISP:TEXT:CLE
/// FIXT:CAP 32.4E-6   FIXT:RES 8.6   FIXT:VOLT 11.21   FIXT:RIPP 0.36   FIXT:OPEN   FIXT:AUTO
/// FIXT:MOOD WELL|SLOW|SILENT|GARBAGE|DROPS|RESTLESS
/// </code>
/// </summary>
public sealed class StandInMeter(IPAddress address, int port) : IAsyncDisposable
{
    public const string Identification = "HAAR,STAND-IN METER,000001,1.0";
    readonly TcpListener listener = new(address, port);
    readonly CancellationTokenSource stop = new();
    readonly object gate = new();
    Task? accepting;
    BenchPart? fixture;
    Mood mood;

    public int Port => ((IPEndPoint)listener.LocalEndpoint).Port;

    /// <summary>What was last put on the display.</summary>
    public string Display { get; private set; } = "";

    /// <exception cref="SocketException">The port is taken.</exception>
    public void Start()
    {
        listener.Start();
        accepting = AcceptAsync();
    }

    public void Set(Mood to)
    {
        lock (gate)
        {
            mood = to;
        }
    }

    public void Put(BenchPart? part)
    {
        lock (gate)
        {
            fixture = part;
        }
    }

    async Task AcceptAsync()
    {
        while (!stop.IsCancellationRequested)
        {
            try
            {
                var client = await listener.AcceptTcpClientAsync(stop.Token);
                _ = TalkAsync(client);
            }
            catch (Exception e) when (e is OperationCanceledException or SocketException or ObjectDisposedException)
            {
                return;
            }
        }
    }

    async Task TalkAsync(TcpClient client)
    {
        using var _ = client;
        client.NoDelay = true;
        try
        {
            using var stream = client.GetStream();
            using var reader = new StreamReader(stream, new UTF8Encoding(false));
            var talk = new Talk(this);
            while (await reader.ReadLineAsync(stop.Token) is { } line)
            {
                foreach (var command in line.Split(';', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries))
                {
                    Mood now;
                    lock (gate)
                    {
                        now = mood;
                    }
                    var answer = talk.Answer(command);
                    if (answer is null)
                    {
                        continue;
                    }
                    if (now == Mood.Silent)
                    {
                        continue;
                    }
                    if (now == Mood.Slow)
                    {
                        await Task.Delay(TimeSpan.FromSeconds(6), stop.Token);
                    }
                    if (now == Mood.Drops && talk.Measured > 1)
                    {
                        return;
                    }
                    if (now == Mood.Garbage && command.StartsWith("MEAS", StringComparison.OrdinalIgnoreCase))
                    {
                        answer = "\u0007#!ERR??";
                    }
                    await stream.WriteAsync(Encoding.UTF8.GetBytes(answer + "\n"), stop.Token);
                }
            }
        }
        catch (Exception e) when (e is IOException or OperationCanceledException or SocketException or ObjectDisposedException)
        {
            // The other end hung up.
        }
    }

    /// <summary>One connection: its own settling and its own error queue.</summary>
    sealed class Talk(StandInMeter meter)
    {
        readonly Queue<string> errors = new();
        int settling;

        public int Measured { get; private set; }

        public string? Answer(string command)
        {
            var (head, argument) = command.IndexOf(' ', StringComparison.Ordinal) is > 0 and var i
                ? (command[..i], command[(i + 1)..].Trim())
                : (command, "");
            switch (head.ToUpperInvariant().TrimStart(':'))
            {
                case "*IDN?":
                    return Identification;
                case "*RST" or "*CLS":
                    errors.Clear();
                    settling = 0;
                    return null;
                case "SYST:ERR?" or "SYSTEM:ERROR?":
                    return errors.TryDequeue(out var e) ? e : "0,\"No error\"";
                case "DISP:TEXT" or "DISPLAY:TEXT":
                    meter.Display = argument.Trim('"', '\'');
                    settling = 0;
                    return null;
                case "DISP:TEXT:CLE" or "DISPLAY:TEXT:CLEAR":
                    meter.Display = "";
                    return null;
                case "MEAS:CAP?" or "MEASURE:CAPACITANCE?":
                    return Measure(p => p.Farads, 0.12, 1.0);
                case "MEAS:RES?" or "MEASURE:RESISTANCE?" or "MEAS:FRES?" or "MEASURE:FRESISTANCE?":
                    return Measure(p => p.Ohms, 0.05, 1e8);
                case "MEAS:VOLT?" or "MEAS:VOLT:DC?" or "MEASURE:VOLTAGE:DC?":
                    return Measure(p => p.Volts, 0.004, 1000);
                case "MEAS:VOLT:AC?" or "MEASURE:VOLTAGE:AC?":
                    return Measure(p => p.RippleVolts, 0.03, 1000);
                case "FIXT:OPEN":
                    meter.Put(BenchPart.Open);
                    return null;
                case "FIXT:AUTO":
                    meter.Put(null);
                    return null;
                case "FIXT:CAP"
                or "FIXT:RES"
                or "FIXT:VOLT"
                or "FIXT:RIPP"
                    when double.TryParse(argument, NumberStyles.Float, CultureInfo.InvariantCulture, out var v) && double.IsFinite(v):
                    var part = meter.Part();
                    meter.Put(
                        head.ToUpperInvariant()[5..] switch
                        {
                            "CAP" => part with { Farads = v },
                            "RES" => part with { Ohms = v },
                            "VOLT" => part with { Volts = v },
                            _ => part with { RippleVolts = v },
                        }
                    );
                    return null;
                case "FIXT:MOOD" when Enum.TryParse<Mood>(argument, true, out var mood) && Enum.IsDefined(mood):
                    meter.Set(mood);
                    return null;
                default:
                    errors.Enqueue("-113,\"Undefined header\"");
                    return null;
            }
        }

        /// <summary>The first values stray by a share that halves each time, as a bridge does while it settles.</summary>
        string Measure(Func<BenchPart, double> of, double stray, double most)
        {
            Measured++;
            var value = of(meter.Part());
            if (Math.Abs(value) > most)
            {
                return "+9.90000000E+37";
            }
            var sign = settling % 2 == 0 ? 1 : -1;
            value *= 1 + sign * stray / Math.Pow(3, settling);
            bool restless;
            lock (meter.gate)
            {
                restless = meter.mood == Mood.Restless;
            }
            if (!restless)
            {
                settling++;
            }
            else
            {
                settling = settling == 0 ? 1 : 0;
            }
            return value.ToString("+0.00000000E+00;-0.00000000E+00", CultureInfo.InvariantCulture);
        }
    }

    BenchPart Part()
    {
        lock (gate)
        {
            return fixture ?? BenchParts.For(Display);
        }
    }

    public async ValueTask DisposeAsync()
    {
        await stop.CancelAsync();
        listener.Stop();
        if (accepting is not null)
        {
            await accepting;
        }
        stop.Dispose();
    }
}
