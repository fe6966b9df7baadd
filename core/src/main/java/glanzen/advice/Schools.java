package glanzen.advice;

import glanzen.forecast.Crowd;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.heat.Cooling;
import glanzen.kit.Pace;
import glanzen.layout.Layout;
import glanzen.layout.Method;
import glanzen.route.Heating;
import glanzen.route.Peel;
import glanzen.route.SetUp;
import java.util.ArrayList;
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

    private final Forecaster forecaster;
    private final Crowd crowd;
    private final SetUp now;

    private Schools(Forecaster forecaster, Crowd crowd, SetUp now) {
        this.forecaster = forecaster;
        this.crowd = crowd;
        this.now = now;
    }

    /** All questions that arise on a set-up that can be computed. */
    public static List<School> of(SetUp setUp, Forecaster forecaster, Crowd crowd) {
        Schools schools = new Schools(forecaster, crowd.knowing(setUp.film().id()), setUp);
        List<School> all = new ArrayList<>();
        all.add(schools.sheet());
        if (setUp.heating() != Heating.TOGETHER) {
            all.add(schools.cover());
        }
        all.add(schools.passes());
        all.add(schools.peel());
        return all;
    }

    private School sheet() {
        boolean together = now.heating() == Heating.TOGETHER;
        boolean taped = together
                && (now.layout().method() == Method.TAPED || now.route().taped());
        List<Way> ways = new ArrayList<>();
        SetUp apart = together
                ? untaped(now).withSoak(Heating.COVERED, SingleChanges.rounded(now.soakSeconds() / TOGETHER_FACTOR))
                : now;
        double longer = together ? now.soakSeconds() : SingleChanges.rounded(now.soakSeconds() * TOGETHER_FACTOR);
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
        return new School("sheet", "When does the sheet go on?", "how exact the placing must be", ways);
    }

    private static SetUp untaped(SetUp s) {
        return s.layout().method() == Method.TAPED ? method(s, Method.LOOSE) : s;
    }

    private static SetUp taped(SetUp s) {
        return s.layout().laid() ? method(s, Method.TAPED) : s;
    }

    private static SetUp method(SetUp s, Method method) {
        Layout l = s.layout();
        return !l.laid()
                ? s
                : s.withLayout(new Layout(l.piece(), l.bed(), method, l.hangs(), l.plates(), l.cuts(), l.patches()));
    }

    private School cover() {
        boolean covered = now.heating() == Heating.COVERED;
        return new School(
                "cover",
                "Cover while heating?",
                "small loose plates: leave it open",
                List.of(
                        way(
                                "covered",
                                "keeps the heat in; can knock small words askew",
                                now.withSoak(Heating.COVERED, now.soakSeconds()),
                                covered),
                        way(
                                "open",
                                "nothing is knocked; the plate's face stays a little cooler",
                                now.withSoak(Heating.ALONE, now.soakSeconds()),
                                !covered)));
    }

    private School passes() {
        boolean once = now.passes() == 1;
        return new School(
                "passes",
                "How many passes?",
                "taped: either; loose words: one",
                List.of(
                        way("one slow pass", "no ghost edge", once ? now : now.withFeed(Pace.SLOW, 1), once),
                        way(
                                "there and back",
                                "more dose; what is loose may move between passes",
                                once ? now.withFeed(now.pace(), 2) : now,
                                !once)));
    }

    private School peel() {
        boolean warm = now.peel().cooling() == Cooling.IN_AIR && now.peel().seconds() < 30;
        return new School(
                "peel",
                "When is it peeled?",
                "solids and toner: cold",
                List.of(
                        way(
                                "warm, at once",
                                "quick; lifts foil off solid ground",
                                warm ? now : now.withPeel(Peel.WARM),
                                warm),
                        way("cold", "keeps solid ground whole; waits", warm ? now.withPeel(Peel.COLD) : now, !warm)));
    }

    private Way way(String name, String says, SetUp setUp, boolean present) {
        return new Way(name, says, setUp, present, forecaster.forecast(setUp, crowd));
    }
}
