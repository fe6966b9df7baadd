package glanzen.plan;

import glanzen.cutting.SheetYield;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Kit;
import glanzen.kit.Leftover;
import glanzen.kit.Stock;
import glanzen.layout.Fixing;
import glanzen.leftover.FoilPiece;
import glanzen.material.Colour;
import glanzen.route.LayerRole;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a job takes, from what is owned, and what it costs.
 *
 * @param machines presses and platforms it needs, by name
 * @param tools plates, dies and boards it needs, by name
 * @param lines what is used up
 * @param costPerCard in the person's own money; what has no price counts for nothing
 * @param unpriced what has no price
 */
public record Supplies(
        List<String> machines, List<String> tools, List<Line> lines, double costPerCard, List<String> unpriced) {

    /** Stock of another weight than this share is no stand-in. */
    private static final double LIKE_WEIGHT = 0.2;
    /** About how much of a stencil is open. */
    private static final double OPEN_SHARE = 0.3;

    /**
     * Something that is used up.
     *
     * @param what stock, foil, or a sundry that is not counted in the kit
     * @param name its name
     * @param needed how much the whole job takes
     * @param unit sheets or cm²
     * @param have how much there is
     * @param cost of what is needed, in the person's own money
     * @param cheaper something owned that would do for less; empty if nothing
     * @param saving what that would save over the whole job
     * @param leftoverCm2 how much there is in leftovers besides, to be used first; cm²
     * @param instead what could stand in where there is not enough: near in colour, or said to be another look; empty if nothing
     */
    public record Line(
            String what,
            String name,
            double needed,
            String unit,
            double have,
            double cost,
            String cheaper,
            double saving,
            String instead,
            double leftoverCm2) {

        private Line and(Line more) {
            // What is not counted there is always enough of.
            double there = what.equals("sundry") ? have + more.have : have;
            return new Line(
                    what,
                    name,
                    needed + more.needed,
                    unit,
                    there,
                    cost + more.cost,
                    cheaper,
                    saving,
                    instead,
                    leftoverCm2);
        }

        /** How much there is too little, in its unit. */
        public double shortBy() {
            return Math.max(0, needed - have);
        }

        /** Whether there is not enough of it. */
        public boolean missing() {
            return needed > have + 1e-6;
        }
    }

    /**
     * Works them out.
     *
     * @param job the job
     * @param setUps the set-ups its operations name, by key
     * @param kit what is owned
     * @param leftovers opened film that is used up before new one
     * @param thumb what is used by the drop and the strip
     */
    public static Supplies of(
            Job job, Map<String, SetUp> setUps, Kit kit, List<Leftover> leftovers, RulesOfThumb thumb) {
        Map<String, Double> sheets = new LinkedHashMap<>();
        Map<String, Double> foil = new LinkedHashMap<>();
        Map<String, Double> sundries = new LinkedHashMap<>();
        Set<String> machines = new LinkedHashSet<>();
        Set<String> tools = new LinkedHashSet<>();
        double boards = 0;
        for (JobPiece piece : job.pieces()) {
            int count = job.cards() * piece.perCard();
            kit.stock(piece.stockId())
                    .ifPresent(s -> sheets.merge(
                            s.id(),
                            Math.ceil((double) count / SheetYield.of(s, piece.openWidthMm(), piece.heightMm())),
                            Double::sum));
            for (Operation operation : piece.operations()) {
                SetUp setUp = operation.setUpId() == null ? null : setUps.get(operation.setUpId());
                if (setUp != null) {
                    machines.add(setUp.machine().name());
                    setUp.platform().ifPresent(p -> machines.add(p.name()));
                    setUp.plates().forEach(p -> tools.add(p.name()));
                    setUp.stack().all(Board.class).forEach(b -> tools.add(b.name()));
                    setUp.stack()
                            .first(Film.class)
                            .ifPresent(f -> foil.merge(f.id(), count * foilCm2(setUp), Double::sum));
                    sundries(setUp, count, thumb, sundries);
                    boards += count
                            * setUp.passes()
                            * setUp.stack().all(Board.class).stream()
                                    .mapToDouble(Board::costPerPass)
                                    .sum();
                }
            }
        }
        List<Line> lines = new ArrayList<>();
        sheets.forEach((id, n) -> kit.stock(id).ifPresent(s -> lines.add(stockLine(s, n, kit))));
        foil.forEach((id, n) -> kit.film(id).ifPresent(f -> lines.add(filmLine(f, n, kit, leftovers))));
        sundries.forEach((what, n) -> {
            String[] named = what.split("\\|");
            lines.add(new Line("sundry", named[0], n, named[1], n, 0, "", 0, "", 0));
        });
        lines.sort(Comparator.comparingDouble(l -> -l.cost()));
        double cost = lines.stream().mapToDouble(Line::cost).sum() + boards;
        List<String> unpriced = lines.stream()
                .filter(l -> l.cost() == 0 && !l.what().equals("sundry"))
                .map(Line::name)
                .toList();
        return new Supplies(List.copyOf(machines), List.copyOf(tools), lines, cost / job.cards(), unpriced);
    }

    /** What there is not enough of for several jobs one after another: what each takes is added up. */
    public static List<Line> missing(List<Supplies> jobs) {
        Map<String, Line> all = new LinkedHashMap<>();
        jobs.stream().flatMap(s -> s.lines.stream()).forEach(l -> all.merge(l.what + "|" + l.name, l, Line::and));
        return all.values().stream().filter(Line::missing).toList();
    }

    static double foilCm2(SetUp setUp) {
        if (!setUp.layout().laid()) {
            return new FoilPiece(setUp.plate()).areaCm2();
        }
        return setUp.layout().plates().stream()
                .filter(p -> p.foil() == null)
                .mapToDouble(p -> new FoilPiece(p.plate()).areaCm2())
                .sum();
    }

    private static Line stockLine(Stock s, double sheets, Kit kit) {
        double area = s.widthMm() * s.heightMm();
        Optional<Stock> cheaper = kit.stocks().stream()
                .filter(o -> o.kind() == s.kind()
                        && o.surface() == s.surface()
                        && Math.abs(o.gsm() - s.gsm()) <= LIKE_WEIGHT * s.gsm()
                        && o.price() > 0
                        && o.price() / (o.widthMm() * o.heightMm()) < s.price() / area - 1e-12)
                .min(Comparator.comparingDouble(o -> o.price() / (o.widthMm() * o.heightMm())));
        double saving = cheaper.map(o -> sheets * (s.price() - o.price() * area / (o.widthMm() * o.heightMm())))
                .orElse(0.0);
        return new Line(
                "stock",
                s.name(),
                sheets,
                s.kind() == Stock.Kind.RIBBON ? "rolls" : "sheets",
                s.left(),
                sheets * s.price(),
                cheaper.map(Stock::name).orElse(""),
                saving,
                "",
                0);
    }

    private static Line filmLine(Film f, double cm2, Kit kit, List<Leftover> leftovers) {
        Optional<Film> cheaper = kit.films().stream()
                .filter(o -> o.kind() == f.kind()
                        && alike(o, f)
                        && o.price() > 0
                        && o.pricePerCm2() < f.pricePerCm2() - 1e-12
                        && o.leftCm2() >= cm2)
                .min(Comparator.comparingDouble(Film::pricePerCm2));
        return new Line(
                "foil",
                f.name(),
                cm2,
                "cm²",
                f.leftCm2(),
                cm2 * f.pricePerCm2(),
                cheaper.map(Film::name).orElse(""),
                cheaper.map(o -> cm2 * (f.pricePerCm2() - o.pricePerCm2())).orElse(0.0),
                cm2 > f.leftCm2() ? instead(f, cm2, kit) : "",
                leftovers.stream()
                        .filter(l -> l.filmId().equals(f.id()))
                        .mapToDouble(l -> l.freeMm2() / 100)
                        .sum());
    }

    private static boolean alike(Film one, Film other) {
        return difference(one, other) <= Colour.LOOKS_ALIKE;
    }

    private static double difference(Film one, Film other) {
        return Colour.of(one.colour()).difference(Colour.of(other.colour()));
    }

    /** The nearest in colour of which there is enough. */
    private static String instead(Film f, double cm2, Kit kit) {
        return kit.films().stream()
                .filter(o -> o.kind() == f.kind() && !o.id().equals(f.id()) && o.leftCm2() >= cm2)
                .min(Comparator.comparingDouble(o -> difference(o, f)))
                .map(o -> alike(o, f) ? o.name() : o.name() + ", as another look")
                .orElse("");
    }

    /**
     * What is used by the drop and by the strip, by rule of thumb: nobody counts it, but an evening ends without it.
     *
     * @param pulls of the set-up
     */
    private static void sundries(SetUp setUp, int pulls, RulesOfThumb thumb, Map<String, Double> sums) {
        if (setUp.gel() != null) {
            double cm2 = setUp.plate().areaCm2() * OPEN_SHARE;
            sums.merge("gel|ml", pulls * cm2 * setUp.gel().coatMm() / 10 * thumb.gelWaste(), Double::sum);
        }
        if (setUp.route().taped() || setUp.layout().method() == Fixing.TAPED) {
            sums.merge(
                    "heat-safe tape|cm", pulls * thumb.tapeCm() * setUp.plates().size(), Double::sum);
        }
        if (setUp.route().has(LayerRole.PARCHMENT)) {
            sums.merge("baking parchment|sheets", pulls / thumb.pullsAParchment(), Double::sum);
            sums.merge("reactive ink|ml", pulls * setUp.plate().areaCm2() * thumb.inkMlPerCm2(), Double::sum);
        }
    }
}
