package glanzen.training;

import glanzen.forecast.Forecast;
import glanzen.kit.Press;
import glanzen.measure.Figures;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.simulate.HiddenRig;
import glanzen.training.Grade.Part;
import glanzen.training.Question.Kind;
import glanzen.training.Question.Option;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

/** Guessing what a stack gives: its squeeze, its soak, how many of twenty. */
final class GuessDrills {

    /** So many more of twenty are plainly more. */
    private static final int PLAINLY = 3;

    /** A guess this near to what came will do. */
    private static final double NEAR = 0.15;

    private static final double[] SOAKS = {0.2, 0.5, 1, 2.5};
    private static final double[] SQUEEZE_OFF_MM = {0, -0.4, 0.35, 0.9};
    private static final double[] STRAY = {0.4, 0.65, 1, 1.5, 2.2};

    private final Workshop workshop;

    GuessDrills(Workshop workshop) {
        this.workshop = workshop;
    }

    private static boolean soaks(SetUp s) {
        return s.heat() instanceof Heat.OnPlatform on && on.soakSeconds() > 0;
    }

    /** How much a stack is squeezed. */
    Optional<Drill> squeeze(Topic topic, Random luck) {
        return workshop.pullable(s -> s.machine() instanceof Press, luck).stream()
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
        for (SetUp s : workshop.pullable(GuessDrills::soaks, luck)) {
            double base = s.onPlatform().soakSeconds();
            List<SetUp> tried = new ArrayList<>();
            for (double factor : SOAKS) {
                tried.add(s.withSoak(Math.max(5, 5 * Math.round(base * factor / 5))));
            }
            List<Integer> clean = tried.stream()
                    .map(t -> Workshop.clean(workshop.forecast(t)))
                    .toList();
            int best = Collections.max(clean);
            int shortest = IntStream.range(0, SOAKS.length)
                    .filter(n -> clean.get(n) >= best - 1)
                    .findFirst()
                    .orElseThrow();
            boolean plain = shortest > 0 && clean.get(shortest - 1) <= best - PLAINLY;
            if (plain && workshop.worthwhile(tried.get(shortest))) {
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
                .map(t -> Figures.duration(t.onPlatform().soakSeconds()) + ": " + Workshop.clean(workshop.forecast(t))
                        + " clean")
                .toList();
        Question q = Question.choice(
                "Which is the shortest soak that will do?",
                options,
                options.get(right).key(),
                "Of twenty, " + String.join("; ", came));
        SetUp s = tried.get(right);
        String at = "At " + Figures.temperature(s.setPointC()) + ", "
                + s.onPlatform().heating().label();
        List<String> lines = List.of(Told.how(s), "From below: " + Told.layers(s), Told.feed(s), at);
        return Drill.plain(topic, "A set-up, but for its soak.", lines, q);
    }

    /** How many of twenty come out clean. */
    Optional<Drill> howMany(Topic topic, Random luck, long seed) {
        List<SetUp> all = workshop.pullable(s -> true, luck);
        if (all.isEmpty()) {
            return Optional.empty();
        }
        SetUp base = all.get(0);
        SetUp s = soaks(base)
                ? base.withSoak(Math.max(5, base.onPlatform().soakSeconds() * STRAY[luck.nextInt(STRAY.length)]))
                : base;
        Forecast f = workshop.forecast(s);
        HiddenRig bench = new HiddenRig(workshop.artworks());
        int came = 0;
        for (int n = 0; n < Workshop.TWENTY; n++) {
            came += bench.pull(s, seed * Workshop.TWENTY + n).clean() ? 1 : 0;
        }
        Question q = new Question(Kind.NUMBER, "How many of twenty come out clean?", List.of(), List.of(), "");
        double share = came / (double) Workshop.TWENTY;
        return Optional.of(new Drill(
                topic,
                "Twenty pulls are made of this, on a bench that nobody has measured.",
                Told.setUp(s),
                List.of(),
                List.of(q),
                answers -> guessed(Integer.parseInt(answers.get(0).get(0)) / (double) Workshop.TWENTY, share, f),
                key -> Optional.empty()));
    }

    /** By Brier's score: the mean square of how far a forecast lies from each thing that came (Brier 1950). */
    private static Grade guessed(double guess, double came, Forecast f) {
        double brier = brier(guess, came);
        double forecast = brier(f.clean(), came);
        boolean right = Math.abs(guess - came) <= NEAR || brier <= forecast;
        String says =
                "%d came out clean. The forecast said %d. Your score is %.2f, the forecast's %.2f, the best there could be %.2f; less is better."
                        .formatted(
                                Math.round(came * Workshop.TWENTY),
                                Workshop.clean(f),
                                brier,
                                forecast,
                                brier(came, came));
        Part part = new Part(right, List.of(Long.toString(Math.round(came * Workshop.TWENTY))), says, List.of());
        return new Grade(right, 1 - Math.abs(guess - came), List.of(part), guess, came);
    }

    /** Brier's score of saying the same of many that came so often. */
    static double brier(double said, double came) {
        return came * (1 - said) * (1 - said) + (1 - came) * said * said;
    }
}
