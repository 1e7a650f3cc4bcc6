using Haar.Core.Safety;

namespace Haar.Core.Cleaning;

/// <summary>Methods as they are usual at a bench, mildest first. Sources: safety data sheets, resistance tables of the plastics' makers by kind (ABS, PS, PC, PMMA, PA), practice of restorers; each says which.</summary>
public static class Methods
{
    static Dictionary<Material, Bears> On(IEnumerable<Material> safe, params IEnumerable<Material> never)
    {
        var all = safe.ToDictionary(m => m, _ => Bears.Safe);
        foreach (var m in never)
        {
            all[m] = Bears.Never;
        }
        return all;
    }

    static readonly Material[] HardPlastics =
    [
        Material.Abs,
        Material.Polystyrene,
        Material.Polycarbonate,
        Material.PcAbs,
        Material.Acrylic,
        Material.Nylon,
    ];
    static readonly Material[] Metals =
    [
        Material.PlatedSteel,
        Material.BareSteel,
        Material.Aluminium,
        Material.Magnesium,
        Material.ZincDieCast,
    ];
    static readonly Material[] Everything = Enum.GetValues<Material>();

    static Dictionary<Feature, Bears> Marks(Bears printed, Bears paper, Bears foil, Bears soft, Bears paint, Bears history) =>
        new()
        {
            [Feature.PrintedLegend] = printed,
            [Feature.PaperLabel] = paper,
            [Feature.FoilLabel] = foil,
            [Feature.SoftTouch] = soft,
            [Feature.Paint] = paint,
            [Feature.MarkOfItsHistory] = history,
        };

    public static readonly IReadOnlyList<CleaningMethod> Usual =
    [
        new(
            "brush-dry",
            "A soft brush and a net on the nozzle",
            1,
            Substance.Water,
            new Dictionary<Soil, double>
            {
                [Soil.Dust] = 0.9,
                [Soil.CrumbledFoam] = 0.5,
                [Soil.Salt] = 0.2,
            },
            On(Everything),
            Marks(Bears.Safe, Bears.Safe, Bears.Safe, Bears.Safe, Bears.Safe, Bears.Safe),
            "",
            "",
            0,
            2,
            "Soft brush, vacuum with a net over the nozzle; look into the bag for loose parts",
            false,
            [CautionId.StaticDischarge],
            "practice"
        ),
        new(
            "cloth-damp",
            "A cloth wrung out of warm water",
            2,
            Substance.Water,
            new Dictionary<Soil, double>
            {
                [Soil.Dust] = 0.95,
                [Soil.Grease] = 0.2,
                [Soil.VapourFilm] = 0.3,
                [Soil.Salt] = 0.6,
                [Soil.Mould] = 0.4,
                [Soil.Droppings] = 0.5,
                [Soil.NotKnown] = 0.4,
            },
            On(
                [
                    .. HardPlastics,
                    Material.PlatedSteel,
                    Material.Aluminium,
                    Material.ZincDieCast,
                    Material.Glass,
                    Material.Rubber,
                    Material.LeatherLike,
                ],
                Material.Bearing
            ),
            Marks(Bears.Safe, Bears.SpotTest, Bears.Safe, Bears.Safe, Bears.Safe, Bears.Safe),
            "It takes the oil out of a bearing and leaves water in it.",
            "a little water",
            0,
            3,
            "Lint-free cloth, warm water",
            true,
            [],
            "practice"
        ),
        new(
            "soap",
            "Washing-up liquid in warm water, with a soft brush",
            3,
            Substance.Soap,
            new Dictionary<Soil, double>
            {
                [Soil.Dust] = 0.98,
                [Soil.Grease] = 0.8,
                [Soil.VapourFilm] = 0.6,
                [Soil.Odour] = 0.4,
                [Soil.Mould] = 0.6,
                [Soil.Droppings] = 0.8,
                [Soil.Salt] = 0.9,
                [Soil.CrumbledFoam] = 0.5,
                [Soil.NotKnown] = 0.6,
            },
            On(
                [.. HardPlastics, Material.PlatedSteel, Material.Aluminium, Material.ZincDieCast, Material.Glass, Material.Rubber],
                Material.Bearing,
                Material.Switch,
                Material.Membrane,
                Material.Wood
            ),
            Marks(Bears.Safe, Bears.Never, Bears.SpotTest, Bears.SpotTest, Bears.Safe, Bears.SpotTest),
            "Soap and water stay inside bearings, switches and between foils; wood swells and paper labels come off.",
            "water and soap: rinse, then dry",
            5,
            6,
            "Washing-up liquid, soft brush, warm water",
            true,
            [],
            "practice"
        ),
        new(
            "alcohol",
            "Isopropyl alcohol, 70 % or more, on a cloth or swab",
            4,
            Substance.Alcohol,
            new Dictionary<Soil, double>
            {
                [Soil.Grease] = 0.7,
                [Soil.VapourFilm] = 0.8,
                [Soil.Adhesive] = 0.5,
                [Soil.Ink] = 0.5,
                [Soil.Flux] = 0.8,
                [Soil.DriedHeatCompound] = 0.8,
                [Soil.Mould] = 0.6,
                [Soil.CrumbledFoam] = 0.6,
                [Soil.Odour] = 0.3,
                [Soil.NotKnown] = 0.5,
            },
            On(
                [
                    Material.Abs,
                    Material.PcAbs,
                    Material.Nylon,
                    .. Metals,
                    Material.Glass,
                    Material.Board,
                    Material.Connector,
                    Material.Switch,
                ],
                Material.Acrylic,
                Material.CoatedGlass,
                Material.Wood,
                Material.LeatherLike
            ),
            Marks(Bears.SpotTest, Bears.SpotTest, Bears.Safe, Bears.Never, Bears.SpotTest, Bears.Never),
            "Acrylic crazes, coatings of glass come off, soft-touch turns sticky, and ink of names and stamps runs.",
            "",
            1,
            4,
            "Isopropyl alcohol, lint-free cloth, open window",
            false,
            [CautionId.SolventAndFlame],
            "safety data sheet of isopropyl alcohol; resistance tables of plastics"
        ),
        new(
            "contact-cleaner",
            "Contact cleaner that leaves no oil, worked to and fro",
            4,
            Substance.Hydrocarbon,
            new Dictionary<Soil, double>
            {
                [Soil.Grease] = 0.8,
                [Soil.Oxide] = 0.5,
                [Soil.Tarnish] = 0.5,
                [Soil.Dust] = 0.6,
            },
            On(
                [Material.Connector, Material.Switch, .. Metals],
                Material.Polystyrene,
                Material.Polycarbonate,
                Material.Acrylic,
                Material.Foam
            ),
            Marks(Bears.Never, Bears.Never, Bears.SpotTest, Bears.Never, Bears.SpotTest, Bears.Never),
            "Its solvent cracks polystyrene, polycarbonate and acrylic, and takes print and coatings off.",
            "",
            2,
            3,
            "Contact cleaner, an eraser pen for gold fingers",
            false,
            [CautionId.SolventAndFlame],
            "safety data sheets of contact cleaners"
        ),
        new(
            "label-oil",
            "Label remover or warm cooking oil under foil, then soap",
            5,
            Substance.Hydrocarbon,
            new Dictionary<Soil, double>
            {
                [Soil.Adhesive] = 0.9,
                [Soil.Ink] = 0.3,
                [Soil.Grease] = 0.3,
            },
            On(
                [Material.Abs, Material.PcAbs, Material.Nylon, .. Metals, Material.Glass],
                Material.Polystyrene,
                Material.Polycarbonate,
                Material.Acrylic,
                Material.Rubber,
                Material.Foam,
                Material.Wood
            ),
            Marks(Bears.SpotTest, Bears.Never, Bears.Never, Bears.Never, Bears.SpotTest, Bears.Never),
            "It cracks polystyrene, polycarbonate and acrylic under tension, swells rubber, and lifts every label that is to stay.",
            "oil: wash it off with soap",
            20,
            8,
            "Label remover, plastic scraper, soap",
            false,
            [CautionId.SolventAndFlame],
            "safety data sheets; practice"
        ),
        new(
            "melamine",
            "A melamine sponge, wet, without pressing",
            6,
            Substance.Water,
            new Dictionary<Soil, double>
            {
                [Soil.VapourFilm] = 0.8,
                [Soil.Ink] = 0.7,
                [Soil.Grease] = 0.7,
                [Soil.Oxide] = 0.3,
                [Soil.NotKnown] = 0.6,
            },
            On(
                [Material.Abs, Material.PcAbs],
                Material.Acrylic,
                Material.Polycarbonate,
                Material.CoatedGlass,
                Material.Glass,
                Material.Bearing,
                Material.Connector,
                Material.Board
            ),
            Marks(Bears.Never, Bears.Never, Bears.Never, Bears.Never, Bears.Never, Bears.Never),
            "It is fine sandpaper: gloss, texture, lettering and clear parts go with the dirt.",
            "powder: rinse it off",
            0,
            6,
            "Melamine sponge, water",
            true,
            [],
            "practice; melamine foam is an abrasive"
        ),
        new(
            "mild-acid",
            "White vinegar or citric acid of 5 %",
            5,
            Substance.Acid,
            new Dictionary<Soil, double>
            {
                [Soil.AlkalineLeak] = 0.9,
                [Soil.Oxide] = 0.4,
                [Soil.Salt] = 0.8,
                [Soil.Tarnish] = 0.5,
            },
            On(
                [.. HardPlastics, Material.Glass, Material.Board, Material.Connector],
                Material.Magnesium,
                Material.ZincDieCast,
                Material.Bearing,
                Material.CoatedGlass
            ),
            Marks(Bears.SpotTest, Bears.Never, Bears.SpotTest, Bears.SpotTest, Bears.SpotTest, Bears.SpotTest),
            "It eats magnesium and zinc, and coatings of glass.",
            "acid and water: rinse three times, then dry",
            10,
            6,
            "Vinegar or citric acid, pH paper, water",
            true,
            [],
            "safety data sheet of acetic acid, 5 %; what neutralises an alkaline leak"
        ),
        new(
            "bicarbonate",
            "Bicarbonate of soda in water",
            4,
            Substance.Alkali,
            new Dictionary<Soil, double>
            {
                [Soil.AcidLeak] = 0.9,
                [Soil.Odour] = 0.5,
                [Soil.VapourFilm] = 0.4,
            },
            On(
                [.. HardPlastics, Material.Glass, Material.Board, Material.Connector, Material.PlatedSteel],
                Material.Aluminium,
                Material.Bearing
            ),
            Marks(Bears.Safe, Bears.Never, Bears.SpotTest, Bears.SpotTest, Bears.Safe, Bears.SpotTest),
            "Left on aluminium it stains and eats it.",
            "salt and water: rinse three times, then dry",
            10,
            5,
            "Bicarbonate of soda, pH paper, water",
            true,
            [],
            "what neutralises an acid leak"
        ),
        new(
            "airing",
            "Aired in a dry draught, then shut up with a sorbent for a week",
            1,
            Substance.Water,
            new Dictionary<Soil, double> { [Soil.Odour] = 0.5 },
            On(Everything),
            Marks(Bears.Safe, Bears.Safe, Bears.Safe, Bears.Safe, Bears.Safe, Bears.Safe),
            "",
            "",
            7 * 24 * 60,
            5,
            "A box with a lid, activated charcoal",
            false,
            [],
            "practice"
        ),
        new(
            "degreaser",
            "Alkaline degreaser as its label has it, short, then rinsed",
            6,
            Substance.Alkali,
            new Dictionary<Soil, double>
            {
                [Soil.VapourFilm] = 0.9,
                [Soil.Grease] = 0.95,
                [Soil.Odour] = 0.6,
                [Soil.Droppings] = 0.8,
            },
            On(
                [Material.Abs, Material.PcAbs, Material.PlatedSteel, Material.Glass],
                Material.Aluminium,
                Material.ZincDieCast,
                Material.Polycarbonate,
                Material.Acrylic,
                Material.CoatedGlass,
                Material.Bearing,
                Material.Board,
                Material.Connector,
                Material.Switch,
                Material.Wood,
                Material.LeatherLike
            ),
            Marks(Bears.Never, Bears.Never, Bears.SpotTest, Bears.Never, Bears.Never, Bears.Never),
            "It eats aluminium and zinc, cracks polycarbonate and acrylic, and softens paint and print.",
            "alkali and water: rinse three times, then dry",
            3,
            6,
            "Degreaser, gloves, glasses, plenty of water",
            true,
            [],
            "safety data sheets of alkaline degreasers"
        ),
        new(
            "rust-remover",
            "Chelating rust remover, as a bath",
            6,
            Substance.Acid,
            new Dictionary<Soil, double> { [Soil.Oxide] = 0.9, [Soil.Tarnish] = 0.6 },
            On(
                [Material.BareSteel],
                Material.Magnesium,
                Material.ZincDieCast,
                Material.Aluminium,
                Material.Bearing,
                Material.Board,
                Material.Connector,
                Material.Switch
            ),
            Marks(Bears.SpotTest, Bears.Never, Bears.Never, Bears.Never, Bears.SpotTest, Bears.Never),
            "It takes zinc and light metals off with the rust.",
            "bare steel that rusts within the hour: rinse, dry and coat it at once",
            240,
            10,
            "Chelating rust remover, tray, gloves",
            true,
            [],
            "safety data sheets of chelating rust removers"
        ),
        new(
            "steel-brush",
            "Brass brush or abrasive fleece, dust wetted down",
            8,
            Substance.Water,
            new Dictionary<Soil, double>
            {
                [Soil.Oxide] = 0.95,
                [Soil.Paint] = 0.7,
                [Soil.Tarnish] = 0.9,
            },
            On(
                [Material.BareSteel, Material.PlatedSteel],
                [
                    Material.Magnesium,
                    .. HardPlastics,
                    Material.Glass,
                    Material.CoatedGlass,
                    Material.Board,
                    Material.Connector,
                    Material.Switch,
                    Material.Bearing,
                    Material.Membrane,
                    Material.Rubber,
                    Material.Foam,
                    Material.LeatherLike,
                ]
            ),
            Marks(Bears.Never, Bears.Never, Bears.Never, Bears.Never, Bears.Never, Bears.Never),
            "Magnesium dust burns and is never dry-sanded; everything soft is scratched for good.",
            "dust: wet it and wipe; old paint may hold lead or chromate",
            0,
            15,
            "Brass brush, abrasive fleece, mask, water",
            false,
            [CautionId.CompressedAir],
            "practice; lead and chromate in old paint"
        ),
    ];
}
