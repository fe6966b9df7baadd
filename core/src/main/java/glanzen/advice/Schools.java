package glanzen.advice;

import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.heat.Cooling;
import glanzen.kit.Board;
import glanzen.layout.Fixing;
import glanzen.layout.Layout;
import glanzen.route.Heating;
import glanzen.route.Peel;
import glanzen.route.Question;
import glanzen.rules.Rules;
import glanzen.setup.Heat;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Where practice differs: the ways there are, and what each would cost on this set-up. */
public final class Schools {

    /**
     * One way.
     *
     * @param name what it is called
     * @param says what is said for it and against it
     * @param setUp the set-up done so
     * @param present whether it is the one being done
     * @param forecast what to expect of it here
     */
    public record Way(String name, String says, SetUp setUp, boolean present, Forecast forecast) {}

    /**
     * A question on which people differ.
     *
     * @param key short key
     * @param question the question
     * @param decides what decides it
     * @param ways the ways
     */
    public record School(String key, String question, String decides, List<Way> ways) {}

    /** What heats as one starts cold, and takes this much longer. */
    private static final double TOGETHER_FACTOR = 2.5;

    private static final int FEW_RIGS = 16;
    /** Another soak or shim is worth it from one pull in twenty on. */
    private static final double WORTH_RETUNING = 0.05;

    private final Forecaster forecaster;
    private final RigEnsemble ensemble;
    private final Inventory shop;
    private final SetUp now;

    private Schools(Forecaster forecaster, RigEnsemble ensemble, Inventory shop, SetUp now) {
        this.forecaster = forecaster;
        this.ensemble = ensemble;
        this.shop = shop;
        this.now = now;
    }

    /**
     * All questions that arise on a set-up that can be computed, as its route says.
     *
     * @param ensemble what is known of the rig
     * @param shop what is owned
     */
    public static List<School> of(SetUp setUp, Forecaster forecaster, RigEnsemble ensemble, Inventory shop) {
        Schools schools = new Schools(forecaster, ensemble, shop, setUp);
        return setUp.route().questions().stream()
                .map(q -> new School(q.key(), q.asks(), schools.decides(q), schools.ways(q)))
                .filter(s -> s.ways().size() > 1)
                .toList();
    }

    private String decides(Question question) {
        return question == Question.ERROR_BIAS ? Contrast.of(now).says() : question.decides();
    }

    private List<Way> ways(Question question) {
        return switch (question) {
            case WHEN_SHEET -> sheet();
            case COVER -> now.onPlatform().heating() == Heating.TOGETHER ? List.of() : cover();
            case PASSES -> passes();
            case PEEL -> peel();
            case ERROR_BIAS -> new BiasSchool(now, forecaster, shop, ensemble, this::way).ways();
            case PLACING, PLATES_AT_ONCE, FOIL_PIECE, INK_WHEN ->
                new PlacingSchools(now, shop, this::way).ways(question);
            case GEL_HEAT, GEL_DRYING, SPRAY -> new GelSchools(now, shop, this::way).ways(question);
            case TONER_AND_DIES, CARRIER_CUTTING -> new TonerSchools(now, shop, this::way).ways(question);
            default -> new PressSchools(now, shop, this::way).ways(question);
        };
    }

    /** Makes a way of a set-up, forecast and all. */
    @FunctionalInterface
    interface WayMaker {
        Way way(String name, String says, SetUp setUp, boolean present);
    }

    private List<Way> sheet() {
        Heat.OnPlatform on = now.onPlatform();
        boolean together = on.heating() == Heating.TOGETHER;
        boolean taped = together
                && (now.layout().method() == Fixing.TAPED || now.route().taped());
        List<Way> ways = new ArrayList<>();
        SetUp apart = together
                ? untaped(now).withSoak(Heating.COVERED, SingleChanges.rounded(on.soakSeconds() / TOGETHER_FACTOR))
                : now;
        double longer = together ? on.soakSeconds() : SingleChanges.rounded(on.soakSeconds() * TOGETHER_FACTOR);
        if (!now.route().taped()) {
            ways.add(way(
                    "plate first, sheet later",
                    "less scorch and steadier; small plates may be knocked",
                    apart,
                    !together));
            ways.add(way(
                    "all together",
                    "nothing is laid on a hot plate; it starts cold, so the soak is longer",
                    untaped(now).withSoak(Heating.TOGETHER, longer),
                    together && !taped));
        }
        if (now.layout().laid() || taped) {
            ways.add(way(
                    "taped to the sheet",
                    "nothing shifts, placing is exact; longer soak, tape clear of the foil",
                    taped(now).withSoak(Heating.TOGETHER, longer),
                    taped));
        }
        return ways;
    }

    private static SetUp untaped(SetUp s) {
        return s.layout().method() == Fixing.TAPED ? method(s, Fixing.LOOSE) : s;
    }

    private static SetUp taped(SetUp s) {
        return s.layout().laid() ? method(s, Fixing.TAPED) : s;
    }

    private static SetUp method(SetUp s, Fixing method) {
        Layout l = s.layout();
        return !l.laid()
                ? s
                : s.withLayout(new Layout(l.piece(), l.bed(), method, l.hangs(), l.plates(), l.cuts(), l.patches()));
    }

    private List<Way> cover() {
        Heat.OnPlatform on = now.onPlatform();
        boolean covered = on.heating() == Heating.COVERED;
        return List.of(
                way(
                        "covered",
                        "keeps the heat in; can knock small words askew",
                        now.withSoak(Heating.COVERED, on.soakSeconds()),
                        covered),
                way(
                        "open",
                        "nothing is knocked; the plate's face stays a little cooler",
                        now.withSoak(Heating.ALONE, on.soakSeconds()),
                        !covered));
    }

    private List<Way> passes() {
        boolean once = now.passes() == 1;
        return List.of(
                way(
                        "one " + now.pace().label() + " pass",
                        "no ghost edge",
                        once ? now : now.withFeed(now.pace(), 1),
                        once),
                way(
                        "there and back",
                        "more dose; what is loose may move between passes",
                        once ? now.withFeed(now.pace(), 2) : now,
                        !once));
    }

    private List<Way> peel() {
        boolean warm = now.peel().cooling() == Cooling.IN_AIR && now.peel().seconds() < 30;
        return List.of(
                way("warm, at once", "quick; lifts foil off solid ground", warm ? now : now.withPeel(Peel.WARM), warm),
                way("cold", "keeps solid ground whole; waits", warm ? now.withPeel(Peel.COLD) : now, !warm));
    }

    private Way way(String name, String says, SetUp setUp, boolean present) {
        // Nothing is known of another machine yet.
        boolean same = setUp.machine().id().equals(now.machine().id());
        RigEnsemble known = same ? ensemble : RigEnsemble.fresh();
        SetUp done = present || setUp.equals(now) ? setUp : retuned(setUp, known);
        return new Way(name, says, done, present, forecaster.forecast(done, known));
    }

    /** As its adherents would do it: with the soak, or the one shim more or less, that this way wants. */
    private SetUp retuned(SetUp way, RigEnsemble known) {
        if (!Rules.computable(way)) {
            return way;
        }
        Roughly roughly = new Roughly(forecaster, known, FEW_RIGS);
        double asItIs = Advisor.merit(roughly.forecast(way), ErrorBias.EVEN);
        List<Board> shims = new ShimChoices(way, shop.boards()).shims();
        return SingleChanges.of(way, shims).stream()
                .map(SingleChanges.Change::setUp)
                .filter(s -> s.passes() == way.passes()
                        && s.pace() == way.pace()
                        && s.peel().equals(way.peel()))
                .filter(s -> s.heat().level() == way.heat().level())
                .filter(s -> Rules.pullable(Rules.check(s, shop)))
                .filter(s -> Advisor.merit(roughly.forecast(s), ErrorBias.EVEN) > asItIs + WORTH_RETUNING)
                .max(Comparator.comparingDouble(
                        (SetUp s) -> Advisor.merit(roughly.forecast(s), ErrorBias.EVEN) - Advisor.effort(s)))
                .orElse(way);
    }
}
