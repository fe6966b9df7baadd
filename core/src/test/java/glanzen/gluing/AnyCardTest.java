package glanzen.gluing;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.card.Assembly;
import glanzen.card.Base;
import glanzen.card.Base.Grain;
import glanzen.card.CardPlan;
import glanzen.card.CutLine;
import glanzen.card.Fold;
import glanzen.card.Mounted;
import glanzen.card.Sheet;
import glanzen.card.Way;
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.kit.Envelope;
import glanzen.layout.PlacementConstraint;
import glanzen.layout.PlacementConstraint.Kind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

/** Pieces mounted anyhow, by somebody who has not looked: all of it can be worked out, and what is offered mends. */
class AnyCardTest {

    private static final Set<Weight> WRONG = Set.of(Weight.STOP, Weight.WARN);
    /** The foam under the highest is thinned a step at a time. */
    private static final int STEPS = 60;

    private final Map<String, Sheet> sheets = new HashMap<>();

    private Sheet sheet(String name, Random random) {
        double size = 12 + 90 * random.nextDouble();
        Sheet plain = Cards.plain(name, size, 0.7 * size);
        return switch (random.nextInt(5)) {
            case 0 -> Cards.round(name, size);
            case 1 -> Cards.windowed(name, size + 20, size + 10, size / 2);
            case 2 -> new Sheet(name, Cards.CLEAR, size, size, Cards.box(0, 0, size, size), List.of());
            case 3 -> Cards.worded(plain, Cards.box(2, 2, size / 2, size / 4));
            default -> plain;
        };
    }

    private static PlacementConstraint place(Random random) {
        return random.nextInt(3) == 0
                ? PlacementConstraint.CENTRED
                : PlacementConstraint.at(
                        random.nextBoolean() ? Kind.FROM_LOW : Kind.FROM_HIGH, random.nextInt(120) - 15);
    }

    private static String ground(int n, Random random) {
        int at = random.nextInt(n + 3);
        return at < n ? "piece " + at : at == n ? Mounted.INSIDE : Mounted.FRONT;
    }

    private CardPlan any(Random random) {
        List<Mounted> mounted = new ArrayList<>();
        int pieces = 1 + random.nextInt(6);
        for (int n = 0; n < pieces; n++) {
            String name = "piece " + n;
            sheets.put(name, sheet(name, random));
            Way way = Way.values()[random.nextInt(Way.values().length)];
            double foam = random.nextInt(3) == 0 ? 0 : random.nextInt(25) / 2.0;
            Mounted m = Mounted.centred(name, ground(n, random), way, foam).held(place(random), place(random));
            m = random.nextInt(4) == 0 ? m.shaking(random.nextInt(13)) : m;
            mounted.add(random.nextInt(5) == 0 ? m.cutThrough() : m);
        }
        Fold fold = Fold.values()[random.nextInt(Fold.values().length)];
        Base base = new Base(
                60 + random.nextInt(140),
                60 + random.nextInt(140),
                fold,
                Cards.STOCK.id(),
                Grain.values()[random.nextInt(3)],
                "");
        Envelope envelope = random.nextBoolean() ? null : Envelope.USUAL.get(random.nextInt(Envelope.USUAL.size()));
        return new CardPlan(base, envelope, mounted);
    }

    private CardLook look(CardPlan plan) {
        return new CardLook(new Assembly(plan, Cards.STOCK, sheets), FoamShelf.EMPTY, List.of());
    }

    private List<Finding<CardPlan>> mendable(CardPlan plan) {
        return look(plan).findings().stream()
                .filter(f -> f.mend() != null && WRONG.contains(f.weight()))
                .toList();
    }

    /** All that a page asks of a card. */
    private static void everythingIsSaid(CardLook look) {
        look.steps().forEach(step -> said(step.title()));
        look.ideas().forEach(idea -> said(idea.label()));
        look.findings().forEach(found -> {
            said(found.what());
            said(found.why());
        });
        said(look.says());
        look.assembly().pieces().forEach(p -> {
            look.holds(p);
            assertTrue(look.heights().topMm(p.key()) >= look.heights().bottomMm(p.key()));
        });
        look.foamCuts(12).forEach(cut -> assertTrue(Double.isFinite(cut.thicknessMm())));
        look.fallsOut(12).forEach(offcut -> said(offcut.name()));
        Base base = look.assembly().plan().base();
        for (double at = 0.1; at < 1; at += 0.2) {
            double x = at * base.widthMm();
            assertFalse(look.cutThrough(new CutLine(x, -5, base.widthMm() - x, base.heightMm() + 5))
                    .isEmpty());
        }
    }

    private static void said(String text) {
        assertFalse(text.isBlank() || text.matches("(?s).*(\\bnull\\b|NaN|Infinity|\\s\\s|-0\\b).*"), text);
    }

    @RepeatedTest(60)
    void mendingOneThingAfterAnotherComesToAnEnd(RepetitionInfo run) {
        Random random = new Random(400 + run.getCurrentRepetition());
        CardPlan plan = any(random);
        look(plan).ideas().stream()
                .map(Ideas.Idea::card)
                .filter(Objects::nonNull)
                .forEach(card -> everythingIsSaid(look(card)));
        everythingIsSaid(look(plan));
        String said = "";
        List<Finding<CardPlan>> wrong = mendable(plan);
        for (int step = 0; !wrong.isEmpty(); step++) {
            Finding<CardPlan> first = wrong.get(random.nextInt(wrong.size()));
            said += first.rule().key() + " " + first.what() + " → "
                    + first.mend().label() + "\n";
            assertTrue(step < STEPS, said);
            assertFalse(first.mend().mended().equals(plan), "changes nothing: " + said);
            plan = first.mend().mended();
            everythingIsSaid(look(plan));
            wrong = mendable(plan);
        }
    }
}
