package glanzen.training;

import glanzen.advice.Advice;
import glanzen.advice.Advisor;
import glanzen.advice.ErrorBias;
import glanzen.advice.Proposal;
import glanzen.finding.Finding;
import glanzen.forecast.Forecast;
import glanzen.kit.Board;
import glanzen.kit.Press;
import glanzen.measure.BadInput;
import glanzen.measure.Figures;
import glanzen.rules.Rules;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import glanzen.training.Grade.After;
import glanzen.training.Grade.Part;
import glanzen.training.Question.Kind;
import glanzen.training.Question.Option;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** Building a stack by hand, graded by the rules and the forecast against the best from the same shelf. */
final class BuildDrills {

    private static final int FEWEST_LAYERS = 4;
    private static final int EXTRA_BOARDS = 3;
    /** So many clean of twenty fewer than the best stack will do too. */
    private static final int NEARLY = 2;

    private final Workshop workshop;

    BuildDrills(Workshop workshop) {
        this.workshop = workshop;
    }

    /** Building a stack from what lies there. */
    Optional<Drill> build(Topic topic, Random luck) {
        for (SetUp s : workshop.pullable(s -> s.stack().layers().size() >= FEWEST_LAYERS, luck)) {
            SetUp best = best(s);
            if (workshop.worthwhile(best) && workshop.pullable(best)) {
                return Optional.of(build(topic, best, luck));
            }
        }
        return Optional.empty();
    }

    /** The best there is on the same shelf. */
    private SetUp best(SetUp s) {
        Advice advice =
                new Advisor(workshop.forecaster(), workshop.inventory()).advise(s, Workshop.UNKNOWN, ErrorBias.EVEN);
        return advice.first().map(Proposal::setUp).orElse(s);
    }

    private Drill build(Topic topic, SetUp best, Random luck) {
        Map<String, Layer> tray = tray(best, luck);
        List<Option> options = tray.entrySet().stream()
                .map(e -> new Option(
                        e.getKey(), words(e.getValue()), e.getValue().item().thicknessMm()))
                .toList();
        Question q = new Question(
                Kind.STACK, "Lay the stack, from the bottom up.", Told.shuffled(options, luck), List.of(), "");
        List<String> lines = new ArrayList<>(List.of(Told.how(best)));
        lines.addAll(Told.heat(best));
        lines.add(Told.feed(best));
        if (best.machine() instanceof Press press) {
            lines.add("The press opens " + Figures.length(press.openingMm()));
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
        Forecast there = workshop.forecast(best);
        List<String> bestKeys =
                best.stack().layers().stream().map(BuildDrills::key).toList();
        String bestSays = "The best found from the same shelf: %d clean of twenty, %d layers, %s."
                .formatted(Workshop.clean(there), best.stack().layers().size(), Figures.duration(best.totalSeconds()));
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
        Forecast here = workshop.forecast(yours);
        boolean right = Workshop.clean(here) >= Workshop.clean(there) - NEARLY;
        String says = "Yours: %d clean of twenty, %d layers, %s. "
                .formatted(Workshop.clean(here), layers.size(), Figures.duration(yours.totalSeconds()));
        double score = there.clean() > 0 ? Math.min(1, here.clean() / there.clean()) : 0;
        return new Grade(
                right, score, List.of(new Part(right, bestKeys, says + bestSays, afters(best, yours))), null, null);
    }

    private static List<After> afters(SetUp best, SetUp yours) {
        return List.of(new After("The best found", "", best), new After("Yours", "", yours));
    }
}
