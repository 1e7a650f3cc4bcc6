using System.Text.Json;
using System.Text.Json.Nodes;

namespace Haar.Data.Exchange;

/// <summary>Reads documents of earlier versions as the present one.</summary>
static class Upgrade
{
    /// <summary>Until version 3 what was set aside for a place stood in its fitting sheet.</summary>
    static void SetAside(JsonObject root)
    {
        var rows = new JsonArray();
        foreach (var c in root["capacitors"] as JsonArray ?? [])
        {
            if (c?["fitting"] is JsonObject fitting && fitting["partId"] is { } part && fitting["fittedAt"] is null)
            {
                rows.Add(
                    new JsonObject
                    {
                        ["id"] = Guid.CreateVersion7().ToString(),
                        ["machineId"] = c["machineId"]?.DeepClone(),
                        ["capacitorId"] = c["id"]?.DeepClone(),
                        ["partId"] = part.DeepClone(),
                        ["at"] = DateTimeOffset.UnixEpoch.ToString("O"),
                    }
                );
                fitting.Remove("partId");
            }
        }
        root["reservations"] = rows;
    }

    /// <summary>Until version 4 a piece of work carried its wait.</summary>
    static void Waits(JsonObject root)
    {
        var rows = new JsonArray();
        foreach (var j in root["jobs"] as JsonArray ?? [])
        {
            if (j is JsonObject job && job["state"]?.ToString() == "waiting" && job["waitsFor"]?.ToString() is { Length: > 0 } what)
            {
                rows.Add(
                    new JsonObject
                    {
                        ["id"] = Guid.CreateVersion7().ToString(),
                        ["machineId"] = job["machineId"]?.DeepClone(),
                        ["jobId"] = job["id"]?.DeepClone(),
                        ["for"] = what,
                        ["until"] = job["waitUntil"]?.DeepClone(),
                        ["since"] = job["at"]?.DeepClone(),
                    }
                );
            }
        }
        root["waits"] = rows;
    }

    /// <summary>Version 1 knew one step of first power for everything after the supply; it is the bare board now. Version 2 had no map beside a board's photo: what it lacks takes its default.</summary>
    public static MachineDocument From(byte[] json, int version)
    {
        var root = JsonNode.Parse(json, documentOptions: HaarJson.Strict)!.AsObject();
        if (version == 1)
        {
            foreach (var step in root["powerSteps"]?.AsArray() ?? [])
            {
                if (step?["kind"]?.GetValueKind() == JsonValueKind.String && step["kind"]!.GetValue<string>() == "wholeBoard")
                {
                    step["kind"] = "bareBoard";
                }
            }
        }

        if (version <= 3)
        {
            SetAside(root);
        }

        if (version <= 4)
        {
            Waits(root);
        }

        root["version"] = MachineDocument.CurrentVersion;
        return root.Deserialize<MachineDocument>(HaarJson.Readable)!;
    }
}
