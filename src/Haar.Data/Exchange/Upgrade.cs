using System.Text.Json;
using System.Text.Json.Nodes;

namespace Haar.Data.Exchange;

/// <summary>Reads documents of earlier versions as the present one.</summary>
static class Upgrade
{
    /// <summary>Version 1 knew one step of first power for everything after the supply; it is the bare board now. Version 2 had no map beside a board's photo: what it lacks takes its default.</summary>
    public static MachineDocument From(byte[] json, int version)
    {
        var root = JsonNode.Parse(json)!.AsObject();
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

        root["version"] = MachineDocument.CurrentVersion;
        return root.Deserialize<MachineDocument>(HaarJson.Readable)!;
    }
}
