using System.Diagnostics;
using System.Net;
using System.Net.Sockets;

namespace Haar.Bench;

/// <summary>What every measurement needs: a stopwatch, a free port, a started program.</summary>
static class Measure
{
    /// <summary>The median of five runs after one to warm up.</summary>
    public static (double Milliseconds, T Answer) Timed<T>(Func<T> what)
    {
        _ = what();
        var times = new List<double>();
        T answer = default!;
        for (var i = 0; i < 5; i++)
        {
            var watch = Stopwatch.StartNew();
            answer = what();
            times.Add(watch.Elapsed.TotalMilliseconds);
        }

        times.Sort();
        return (times[2], answer);
    }

    public static int Port()
    {
        using var l = new TcpListener(IPAddress.Loopback, 0);
        l.Start();
        return ((IPEndPoint)l.LocalEndpoint).Port;
    }

    /// <summary>Starts a published program on a port, as ./haar start does.</summary>
    public static Process Start(string root, string[] what, int port, bool isHaar)
    {
        var info = new ProcessStartInfo("dotnet")
        {
            WorkingDirectory = root,
            RedirectStandardOutput = true,
            RedirectStandardError = true,
        };
        foreach (var w in what)
        {
            info.ArgumentList.Add(w);
        }
        info.ArgumentList.Add("--urls");
        info.ArgumentList.Add($"http://127.0.0.1:{port}");
        info.Environment["DOTNET_gcServer"] = "0";
        info.Environment["DOTNET_TieredPGO"] = "0";
        if (isHaar)
        {
            info.Environment["HAAR_WEB"] = Path.Combine(root, "web/dist");
        }
        var p = Process.Start(info)!;
        p.OutputDataReceived += (_, _) => { };
        p.ErrorDataReceived += (_, _) => { };
        p.BeginOutputReadLine();
        p.BeginErrorReadLine();
        return p;
    }
}
