package glanzen.kit;

import glanzen.artwork.Motif;
import glanzen.kit.ItemForm.Field;
import glanzen.kit.ItemForm.Input;
import glanzen.kit.ItemForm.Option;
import glanzen.material.Material;
import glanzen.material.Surface;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/** The forms of every shelf, in the order in which the shelves stand. This is the place for a label of a form. */
public final class ItemForms {

    private static final Field NAME = field("name", "Name", Input.TEXT);
    private static final Field THICKNESS = field("thicknessMm", "Thickness", Input.LENGTH);
    private static final Field BY_CALIPER = field("thicknessMm", "Thickness, by caliper", Input.LENGTH);
    private static final Field WIDTH = field("widthMm", "Width", Input.LENGTH);
    private static final Field HEIGHT = field("heightMm", "Length", Input.LENGTH);
    private static final Field THROAT = field("throatMm", "Throat, widest stack", Input.LENGTH);
    private static final List<Field> FEEDS = List.of(
            number("slowMmPerS", "Slow feed", "mm/s").forTheCurious(),
            number("steadyMmPerS", "Steady feed", "mm/s").forTheCurious(),
            number("briskMmPerS", "Brisk feed", "mm/s").forTheCurious());

    private static final ItemForm PRESSES = new ItemForm(
            "presses",
            "press",
            "Presses",
            with(
                    List.of(
                            NAME,
                            choice("kind", "Turned by", options(List.of(Press.Kind.values()), Press.Kind::label)),
                            field("openingMm", "Opening between the rollers", Input.LENGTH)
                                    .forTheCurious(),
                            THROAT,
                            field("rollerRadiusMm", "Roller radius", Input.LENGTH)
                                    .forTheCurious(),
                            number("stiffnessNPerMm", "Frame stiffness", "N/mm").forTheCurious(),
                            number("maxForceN", "Stalls at", "N").forTheCurious(),
                            number("crown", "Give in the middle, 0.10 steel to 0.20 light", "")
                                    .forTheCurious()),
                    with(FEEDS, List.of(field("opticalSensor", "Looks for opaque plates with a sensor", Input.FLAG)))));

    private static final ItemForm PLATFORMS = new ItemForm(
            "platforms",
            "platform",
            "Platforms",
            List.of(
                    NAME,
                    THICKNESS.forTheCurious(),
                    WIDTH,
                    HEIGHT,
                    number("heatCapacityJPerK", "Heat it holds", "J/K").forTheCurious(),
                    number("lossWPerK", "Loses to the room", "W/K").forTheCurious(),
                    number("maxPowerW", "Heater", "W").forTheCurious(),
                    number("offAfterMinutes", "Switches itself off after", "minutes")));

    private static final ItemForm ROLLERS = new ItemForm(
            "rollers",
            "machine that heats by itself",
            "Rollers",
            with(
                    List.of(
                            NAME,
                            choice("kind", "What it is", options(HeatedRollers.KINDS, Machine.Kind::label)),
                            THROAT,
                            field("gapMm", "Thickest stack it takes", Input.LENGTH),
                            number("pressureMpa", "Pressure of its rollers", "MPa")
                                    .forTheCurious(),
                            field("nipMm", "Length of the nip", Input.LENGTH).forTheCurious(),
                            number("warmUpSeconds", "Warms up in", "s"),
                            number("unevenness", "Presses less in the middle, 0 even to 0.5", "")
                                    .forTheCurious()),
                    FEEDS));

    private static final ItemForm BOARDS = new ItemForm(
            "boards",
            "board",
            "Boards",
            List.of(
                    NAME,
                    choice("kind", "What it is for", options(List.of(Board.Kind.values()), Board.Kind::label)),
                    choice(
                            "material",
                            "Material",
                            materials(
                                    Material.POLYCARBONATE,
                                    Material.LAMINATE,
                                    Material.STEEL,
                                    Material.ALUMINIUM,
                                    Material.CARD,
                                    Material.TISSUE,
                                    Material.RUBBER,
                                    Material.ACETATE)),
                    BY_CALIPER,
                    WIDTH,
                    HEIGHT,
                    number("owned", "How many", ""),
                    field("bowMm", "Bow, middle off a flat table", Input.LENGTH).forTheCurious(),
                    number("passes", "Passes so far", "").forTheCurious(),
                    number("lifePasses", "Good for", "passes").forTheCurious(),
                    number("price", "Price, in your money", ""),
                    field("opaque", "Opaque", Input.FLAG)));

    private static final ItemForm PLATES = new ItemForm(
            "plates",
            "tool",
            "Plates, dies",
            List.of(
                    NAME,
                    choice("kind", "Kind", options(List.of(Plate.Kind.values()), Plate.Kind::label)),
                    choice(
                            "material",
                            "Material",
                            materials(
                                    Material.BRASS,
                                    Material.STEEL,
                                    Material.ALUMINIUM,
                                    Material.POLYCARBONATE,
                                    Material.POLYPROPYLENE,
                                    Material.RUBBER,
                                    Material.CARD)),
                    THICKNESS,
                    WIDTH,
                    HEIGHT,
                    new Field(
                            "kind",
                            "motif",
                            "Design",
                            Input.CHOICE,
                            "",
                            options(List.of(Motif.Kind.values()), Motif.Kind::label),
                            false),
                    new Field("text", "motif", "Words, if it has words", Input.TEXT, "", List.of(), false),
                    field("set", "Nested set it belongs to", Input.TEXT)));

    private static final ItemForm STOCKS = new ItemForm(
            "stocks",
            "stock",
            "Stock",
            List.of(
                    NAME,
                    choice("kind", "Kind", options(List.of(Stock.Kind.values()), Stock.Kind::label)),
                    choice("surface", "Surface", options(List.of(Surface.values()), Surface::label)),
                    field("gsm", "Weight", Input.WEIGHT),
                    BY_CALIPER,
                    WIDTH,
                    HEIGHT,
                    number("left", "Sheets left", ""),
                    number("price", "Price of a sheet, in your money", ""),
                    field("colour", "Colour", Input.COLOUR),
                    field("heatProof", "Rated for heat", Input.FLAG),
                    field("protectiveFilm", "Has a protective film", Input.FLAG)));

    private static final ItemForm FILMS = new ItemForm(
            "films",
            "foil or flock",
            "Foils",
            List.of(
                    NAME,
                    choice("kind", "Kind", options(List.of(Film.Kind.values()), Film.Kind::label)),
                    THICKNESS.forTheCurious(),
                    field("widthMm", "Width of the sheet or roll", Input.LENGTH),
                    field("heightMm", "Length when new", Input.LENGTH),
                    number("leftCm2", "Unspent area left", "cm²"),
                    number("price", "Price when new, in your money", ""),
                    field("colour", "Colour", Input.COLOUR)));

    private static final ItemForm LEFTOVERS = new ItemForm(
            "leftovers",
            "leftover",
            "Leftovers",
            List.of(NAME, field("filmId", "Of which film", Input.FILM), WIDTH, HEIGHT));

    private static final ItemForm OFFCUTS = new ItemForm(
            "offcuts",
            "piece of stock",
            "Offcuts",
            List.of(
                    NAME,
                    field("stockId", "Of which stock", Input.STOCK),
                    WIDTH,
                    HEIGHT,
                    number("left", "How many", "")));

    private static final ItemForm FOAMS = new ItemForm(
            "foams",
            "sheet of foam",
            "Foam",
            List.of(NAME, BY_CALIPER, WIDTH, HEIGHT, number("left", "How many, offcuts too", "")));

    private static final ItemForm ENVELOPES = new ItemForm(
            "envelopes",
            "envelope",
            "Envelopes",
            List.of(
                    NAME,
                    field("widthMm", "Width inside", Input.LENGTH),
                    field("heightMm", "Height inside", Input.LENGTH),
                    field("takesMm", "Thickest card it takes", Input.LENGTH)));

    /** Every shelf's form. */
    public static final List<ItemForm> ALL =
            List.of(PRESSES, PLATFORMS, ROLLERS, BOARDS, PLATES, STOCKS, FILMS, LEFTOVERS, OFFCUTS, FOAMS, ENVELOPES);

    private ItemForms() {}

    private static Field field(String key, String label, Input input) {
        return new Field(key, "", label, input, "", List.of(), false);
    }

    private static Field number(String key, String label, String unit) {
        return new Field(key, "", label, Input.NUMBER, unit, List.of(), false);
    }

    private static Field choice(String key, String label, List<Option> options) {
        return new Field(key, "", label, Input.CHOICE, "", options, false);
    }

    private static <E extends Enum<E>> List<Option> options(List<E> values, Function<E, String> label) {
        return values.stream().map(v -> new Option(v.name(), label.apply(v))).toList();
    }

    private static List<Option> materials(Material... materials) {
        return options(List.of(materials), Material::label);
    }

    private static List<Field> with(List<Field> some, List<Field> more) {
        return Stream.concat(some.stream(), more.stream()).toList();
    }
}
