package glanzen.training;

import glanzen.advice.Advice;
import glanzen.advice.Advisor;
import glanzen.advice.ErrorBias;
import glanzen.finding.Finding;
import glanzen.forecast.Forecast;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Board;
import glanzen.kit.Press;
import glanzen.measure.BadInput;
import glanzen.measure.Figures;
import glanzen.rules.Rules;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.simulate.HiddenRig;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import glanzen.training.Grade.After;
import glanzen.training.Grade.Part;
import glanzen.training.Question.Kind;
import glanzen.training.Question.Option;
import glanzen.training.Workshop.Named;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/** Building a stack, and guessing what a stack gives: graded by the rules and the forecast. */
final class StackDrills {

    private static final int TWENTY = 20;
    /** So many clean of twenty fewer than the best stack will do too. */
    private static final int NEARLY = 2;
    /** A task is worth setting if its best stack comes out so often. */
    private static final double WORTH = 0.6;

    /** So many more of twenty are plainly more. */
    private static final int PLAINLY = 3;

    private static final int EXTRA_BOARDS = 3;
    private static final double[] SOAKS = {0.2, 0.5, 1, 2.5};
    private static final double[] SQUEEZE_OFF_MM = {0, -0.4, 0.35, 0.9};
    private static final double[] STRAY = {0.4, 0.65, 1, 1.5, 2.2};

    private final Workshop workshop;
    private final RigEnsemble fresh = RigEnsemble.fresh();

    StackDrills(Workshop workshop) {
        this.workshop = workshop;
    }

    private List<SetUp> setUps(Predicate<SetUp> fits, Random luck) {
        List<SetUp> all = new ArrayList<>(workshop.setUps().stream()
                .map(Named::setUp)
                .filter(s -> Rules.computable(s) && pullable(s))
                .filter(fits)
                .toList());
        Collections.shuffle(all, luck);
        return all;
    }

    private boolean pullable(SetUp setUp) {
        return Rules.pullable(Rules.check(setUp, workshop.inventory()));
    }

    private Forecast forecast(SetUp setUp) {
        return workshop.forecaster().forecast(setUp, fresh);
    }

    private static boolean soaks(SetUp s) {
        return s.heat() instanceof Heat.OnPlatform on && on.soakSeconds() > 0;
    }

    /** How much a stack is squeezed. */
    Optional<Drill> squeeze(Topic topic, Random luck) {
        return setUps(s -> s.machine() instanceof Press, luck).stream()
                .findFirst()
                .map(s -> {
                    double thick = s.stack().thicknessMm();
                    Press press = s.press();
                    List<String> words = new ArrayList<>();
                    for (double off : SQUEEZE_OFF_MM) {
                        words.add(squeeze(s.overfillMm() + off));
                    }
                    List<Option> options = Told.words(words, luck);
                    List<String> layers = s.stack().layers().stream()
                            .map(l -> l.item().name() + ", "
                                    + Figures.length(l.item().thicknessMm()))
                            .toList();
                    Question q = Question.choice(
                            "How much is it squeezed?",
                            Told.shuffled(options, luck),
                            options.get(0).key(),
                            "It is " + Figures.length(thick) + " thick in an opening of "
                                    + Figures.length(press.openingMm()) + ": " + words.get(0));
                    return Drill.plain(
                            topic,
                            "A stack goes into " + press.name() + ", which opens " + Figures.length(press.openingMm())
                                    + ".",
                            layers,
                            q);
                });
    }

    private static String squeeze(double mm) {
        return mm > 0 ? Figures.length(mm) + " squeeze" : Figures.length(-mm) + " too thin to grip";
    }

    /** How long a plate soaks: the shortest soak that comes out as well as any. */
    Optional<Drill> soak(Topic topic, Random luck) {
        for (SetUp s : setUps(StackDrills::soaks, luck)) {
            double base = s.onPlatform().soakSeconds();
            List<SetUp> tried = new ArrayList<>();
            for (double factor : SOAKS) {
                tried.add(s.withSoak(Math.max(5, 5 * Math.round(base * factor / 5))));
            }
            List<Integer> clean = tried.stream().map(t -> clean(forecast(t))).toList();
            int best = Collections.max(clean);
            int shortest = IntStream.range(0, SOAKS.length)
                    .filter(n -> clean.get(n) >= best - 1)
                    .findFirst()
                    .orElseThrow();
            boolean plain = shortest > 0 && clean.get(shortest - 1) <= best - PLAINLY;
            if (plain && best >= WORTH * TWENTY) {
                return Optional.of(soak(topic, tried, shortest, luck));
            }
        }
        return Optional.empty();
    }

    private Drill soak(Topic topic, List<SetUp> tried, int right, Random luck) {
        List<String> words = tried.stream()
                .map(t -> Figures.duration(t.onPlatform().soakSeconds()))
                .toList();
        List<Option> options = Told.words(words, luck);
        List<String> came = tried.stream()
                .map(t -> Figures.duration(t.onPlatform().soakSeconds()) + ": " + clean(forecast(t)) + " clean")
                .toList();
        Question q = Question.choice(
                "Which is the shortest soak that will do?",
                options,
                options.get(right).key(),
                "Of twenty, " + String.join("; ", came));
        SetUp s = tried.get(right);
        List<String> lines = new ArrayList<>(Told.setUp(s));
        lines.removeIf(line -> line.startsWith("Soaks"));
        lines.add("At " + Figures.temperature(s.setPointC()) + ", "
                + s.onPlatform().heating().label());
        return Drill.plain(topic, "A set-up, but for its soak.", lines, q);
    }

    private static int clean(Forecast f) {
        return f.twenty()[1];
    }

    /** How many of twenty come out clean. */
    Optional<Drill> howMany(Topic topic, Random luck, long seed) {
        List<SetUp> all = setUps(s -> true, luck);
        if (all.isEmpty()) {
            return Optional.empty();
        }
        SetUp base = all.get(0);
        SetUp s = soaks(base)
                ? base.withSoak(Math.max(5, base.onPlatform().soakSeconds() * STRAY[luck.nextInt(STRAY.length)]))
                : base;
        Forecast f = forecast(s);
        HiddenRig bench = new HiddenRig(workshop.artworks());
        int came = 0;
        for (int n = 0; n < TWENTY; n++) {
            came += bench.pull(s, seed * TWENTY + n).clean() ? 1 : 0;
        }
        Question q = new Question(Kind.NUMBER, "How many of twenty come out clean?", List.of(), List.of(), "");
        double share = came / (double) TWENTY;
        return Optional.of(new Drill(
                topic,
                "Twenty pulls are made of this, on a bench that nobody has measured.",
                Told.setUp(s),
                List.of(),
                List.of(q),
                answers -> guessed(Integer.parseInt(answers.get(0).get(0)) / (double) TWENTY, share, f),
                key -> Optional.empty()));
    }

    /** By Brier's score: the mean square of how far a forecast lies from each thing that came (Brier 1950). */
    private static Grade guessed(double guess, double came, Forecast f) {
        double brier = brier(guess, came);
        double forecast = brier(f.clean(), came);
        boolean right = Math.abs(guess - came) <= 0.15 || brier <= forecast;
        String says =
                "%d came out clean. The forecast said %d. Your score is %.2f, the forecast's %.2f, the best there could be %.2f; less is better."
                        .formatted(Math.round(came * TWENTY), clean(f), brier, forecast, brier(came, came));
        Part part = new Part(right, List.of(Long.toString(Math.round(came * TWENTY))), says, List.of());
        return new Grade(right, 1 - Math.abs(guess - came), List.of(part), guess, came);
    }

    /** Brier's score of saying the same of many that came so often. */
    static double brier(double said, double came) {
        return came * (1 - said) * (1 - said) + (1 - came) * said * said;
    }

    /** Building a stack from what lies there. */
    Optional<Drill> build(Topic topic, Random luck) {
        for (SetUp s : setUps(s -> s.stack().layers().size() >= 4, luck)) {
            SetUp best = best(s);
            if (forecast(best).clean() >= WORTH && pullable(best)) {
                return Optional.of(build(topic, best, luck));
            }
        }
        return Optional.empty();
    }

    /** The best there is on the same shelf. */
    private SetUp best(SetUp s) {
        Advice advice = new Advisor(workshop.forecaster(), workshop.inventory()).advise(s, fresh, ErrorBias.EVEN);
        return advice.best().isEmpty() ? s : advice.best().get(0).setUp();
    }

    private Drill build(Topic topic, SetUp best, Random luck) {
        Map<String, Layer> tray = tray(best, luck);
        List<Option> options = tray.entrySet().stream()
                .map(e -> new Option(e.getKey(), words(e.getValue())))
                .toList();
        Question q = new Question(
                Kind.STACK, "Lay the stack, from the bottom up.", Told.shuffled(options, luck), List.of(), "");
        List<String> lines = new ArrayList<>(Told.setUp(best));
        lines.removeIf(line -> line.startsWith("From below"));
        lines.add("The press opens " + Figures.length(best.machine() instanceof Press p ? p.openingMm() : 0));
        if (!(best.machine() instanceof Press)) {
            lines.remove(lines.size() - 1);
        }
        return new Drill(
                topic,
                best.plate().name() + " on " + best.stock().name() + ".",
                lines,
                List.of(),
                List.of(q),
                answers -> built(best, tray, answers.get(0)),
                key -> Optional.empty());
    }

    /** What lies there: all that the best stack takes, either way up where that tells, and some boards more. */
    private Map<String, Layer> tray(SetUp best, Random luck) {
        Map<String, Layer> tray = new LinkedHashMap<>();
        best.stack().layers().forEach(l -> {
            tray.put(key(l), l);
            if (!(l.item() instanceof Board)) {
                tray.put(key(l.flipped()), l.flipped());
            }
        });
        List<Board> more = new ArrayList<>(workshop.kit().boards());
        Collections.shuffle(more, luck);
        more.stream().limit(EXTRA_BOARDS).forEach(b -> {
            Layer layer = new Layer(b, Facing.UP);
            tray.putIfAbsent(key(layer), layer);
        });
        return tray;
    }

    private static String key(Layer l) {
        return l.item().id() + (l.item() instanceof Board ? "" : l.facing() == Facing.UP ? "+" : "-");
    }

    private static String words(Layer l) {
        String thick = ", " + Figures.length(l.item().thicknessMm());
        return l.item().name()
                + thick
                + (l.item() instanceof Board ? "" : l.facing() == Facing.UP ? ", facing up" : ", facing down");
    }

    private Grade built(SetUp best, Map<String, Layer> tray, List<String> answer) {
        List<Layer> layers = answer.stream().map(tray::get).toList();
        Forecast there = forecast(best);
        List<String> bestKeys =
                best.stack().layers().stream().map(StackDrills::key).toList();
        String bestSays = "The best found from the same shelf: %d clean of twenty, %d layers, %s."
                .formatted(clean(there), best.stack().layers().size(), Figures.duration(best.totalSeconds()));
        SetUp yours;
        List<Finding<SetUp>> findings;
        try {
            yours = best.withStack(new Stack(layers));
            findings = Rules.check(yours, workshop.inventory());
        } catch (BadInput no) {
            return Grade.of(List.of(
                    new Part(false, bestKeys, "This is no stack: " + no.getMessage() + ". " + bestSays, List.of())));
        }
        if (!Rules.pullable(findings) || !Rules.computable(yours)) {
            String stops =
                    findings.isEmpty() ? "It cannot be pulled" : findings.get(0).what();
            String because = findings.isEmpty() ? "" : ": " + findings.get(0).why();
            return Grade.of(List.of(new Part(false, bestKeys, stops + because + ". " + bestSays, afters(best, yours))));
        }
        Forecast here = forecast(yours);
        boolean right = clean(here) >= clean(there) - NEARLY;
        String says = "Yours: %d clean of twenty, %d layers, %s. "
                .formatted(clean(here), layers.size(), Figures.duration(yours.totalSeconds()));
        double score = there.clean() > 0 ? Math.min(1, here.clean() / there.clean()) : 0;
        return new Grade(
                right, score, List.of(new Part(right, bestKeys, says + bestSays, afters(best, yours))), null, null);
    }

    private static List<After> afters(SetUp best, SetUp yours) {
        return List.of(new After("The best found", "", best), new After("Yours", "", yours));
    }
}
