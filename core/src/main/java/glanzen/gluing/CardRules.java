package glanzen.gluing;

import glanzen.card.Assembly;
import glanzen.card.Base;
import glanzen.card.CardPlan;
import glanzen.card.Laid;
import glanzen.card.Mounted;
import glanzen.card.Sheet.Look;
import glanzen.card.Sight;
import glanzen.finding.Concern;
import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.kit.Envelope;
import glanzen.kit.Stock;
import glanzen.material.Colour;
import glanzen.measure.Figures;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What will not work about a card, each with a way out where there is one. */
public final class CardRules {

    /** Words that differ less than this from what they lie on are not read at arm's length, CIEDE2000. */
    private static final double FAINT = 18;

    private final CardLook look;
    private final Assembly card;
    private final CardPlan plan;
    private final List<Finding<CardPlan>> found = new ArrayList<>();

    private CardRules(CardLook look) {
        this.look = look;
        this.card = look.assembly();
        this.plan = card.plan();
    }

    /** Pieces that lie on each other in a ring, or on what is not there; a card with one cannot be worked out. */
    public static Optional<Finding<CardPlan>> ring(CardPlan plan) {
        return plan.adrift()
                .map(lost -> new Finding<>(
                        RuleId.LIES_IN_RING,
                        Concern.pieces(List.of(lost.key())),
                        lost.piece() + " lies on nothing that lies on the base",
                        "Pieces are glued from the bottom up: somewhere one must lie on the card itself",
                        new Mend<>(
                                "Lay " + lost.piece() + " on the front",
                                plan.changing(lost.key(), m -> m.lyingOn(Mounted.FRONT)))));
    }

    static List<Finding<CardPlan>> check(CardLook look) {
        CardRules rules = new CardRules(look);
        rules.base();
        rules.envelope();
        rules.found.addAll(PieceRules.check(look));
        rules.sight();
        rules.found.sort(Comparator.comparing(Finding::weight));
        return rules.found;
    }

    private void say(RuleId rule, List<String> keys, String what, String why, @Nullable Mend<CardPlan> mend) {
        found.add(new Finding<>(rule, Concern.pieces(keys), what, why, mend));
    }

    private void base() {
        Base base = plan.base();
        Stock stock = card.baseStock();
        if (!base.comesOutOf(stock)) {
            Base.Size open = base.open(stock.thicknessMm());
            say(
                    RuleId.BASE_LARGE,
                    List.of(),
                    "Open it is " + Figures.length(open.widthMm()) + " by " + Figures.length(open.heightMm())
                            + "; a sheet of " + stock.name() + " is " + Figures.length(stock.widthMm()) + " by "
                            + Figures.length(stock.heightMm()),
                    "Glue it from two leaves with a flap, or take larger stock or a smaller card",
                    null);
        }
        if (base.cracks()) {
            say(
                    RuleId.FOLD_GRAIN,
                    List.of(),
                    "The grain of the base runs across its fold",
                    "Card bends clean along its grain and cracks across it",
                    null);
        }
        if (base.fold().opens() && !look.heights().closes()) {
            List<String> keys = look.heights().touching();
            say(
                    RuleId.GAPES,
                    keys,
                    "The leaves stand " + Figures.length(look.heights().apartMm()) + " apart when it is closed",
                    "The card will not lie closed by itself",
                    lower(keys));
        }
    }

    private void envelope() {
        Envelope envelope = plan.envelope();
        if (envelope == null) {
            return;
        }
        Base base = plan.base();
        if (!envelope.holds(base.widthMm(), base.heightMm())) {
            say(
                    RuleId.ENVELOPE_SMALL,
                    List.of(),
                    "The card does not fit into " + envelope.name() + ", " + Figures.length(envelope.widthMm()) + " by "
                            + Figures.length(envelope.heightMm()) + " inside",
                    "A card wants " + Figures.length(Envelope.ROOM_MM) + " of room to slide in",
                    larger().orElse(null));
        }
        double thick = look.heights().thickestMm();
        if (thick > envelope.takesMm()) {
            List<String> keys = highest();
            say(
                    RuleId.ENVELOPE_THICK,
                    keys,
                    String.format(
                            Locale.ROOT,
                            "The card is %s at its thickest; %s takes %s",
                            Figures.length(thick),
                            envelope.name(),
                            Figures.length(envelope.takesMm())),
                    "Post gets stuck, and foam is pressed flat on the way",
                    Optional.ofNullable(lower(keys)).or(this::larger).orElse(null));
        }
    }

    /** The smallest envelope that it goes into, the person's own first. */
    private Optional<Mend<CardPlan>> larger() {
        return fitting(look.envelopes())
                .or(() -> fitting(Envelope.USUAL))
                .map(e -> new Mend<>("Send it in " + e.name(), plan.sentIn(e)));
    }

    private Optional<Envelope> fitting(List<Envelope> all) {
        double thick = look.heights().thickestMm();
        Base base = plan.base();
        return all.stream()
                .filter(e -> e.holds(base.widthMm(), base.heightMm()) && e.takesMm() >= thick)
                .min(Comparator.comparingDouble(e -> e.widthMm() * e.heightMm()));
    }

    /** What stands highest over the front, and all that carries it. */
    private List<String> highest() {
        Optional<Laid> top = card.pieces().stream()
                .filter(p -> !p.inside())
                .max(Comparator.comparingDouble(p -> look.heights().topMm(p.key())));
        List<String> keys = new ArrayList<>();
        for (Optional<Laid> p = top; p.isPresent(); p = card.host(p.get())) {
            keys.add(p.get().key());
        }
        return keys;
    }

    /** The next lower foam under the highest among some pieces that has any. */
    private @Nullable Mend<CardPlan> lower(List<String> keys) {
        FoamShelf foams = look.foams();
        return keys.stream()
                .map(k -> card.piece(k).mounted())
                .filter(m -> m.foamMm() > 0 && foams.below(m.foamMm()) >= Shaker.leastWallMm(m.fillingMm()))
                .max(Comparator.comparingDouble(Mounted::foamMm))
                .map(m -> {
                    double mm = foams.below(m.foamMm());
                    return new Mend<>(
                            mm > 0 ? m.piece() + " on " + Figures.length(mm) + " of foam" : m.piece() + " flat",
                            plan.changing(m.key(), x -> x.raised(mm)));
                })
                .orElse(null);
    }

    private boolean faint(Sight.Partly seen) {
        Colour stock = Colour.of(card.piece(seen.key()).sheet().stock().colour());
        return !seen.decor().colour().isEmpty()
                && Colour.of(seen.decor().colour()).difference(stock) < FAINT;
    }

    private String under(Sight.Partly seen) {
        return String.format(
                Locale.ROOT,
                "%.0f %% of %s on %s is under %s",
                100 * seen.covered(),
                seen.decor().name(),
                card.piece(seen.key()).name(),
                card.piece(seen.by()).name());
    }

    private void sight() {
        for (Sight.Partly seen : look.sight().decors()) {
            String name = card.piece(seen.key()).name();
            if (seen.cutInto()) {
                say(
                        RuleId.WORDS_CUT_OFF,
                        List.of(seen.key()),
                        String.format(
                                Locale.ROOT,
                                "%.0f %% of %s is cut away with what is cut out of %s",
                                100 * seen.decor().cutAway(),
                                seen.decor().name(),
                                name),
                        "Another die, or words laid elsewhere",
                        null);
            }
            if (seen.cutOff()) {
                say(
                        RuleId.WORDS_CUT_OFF,
                        List.of(seen.key(), seen.by()),
                        under(seen),
                        "Words are read where nothing crosses them",
                        null);
            } else if (seen.halfHidden()) {
                say(
                        RuleId.FIGURE_HIDDEN,
                        List.of(seen.key(), seen.by()),
                        under(seen),
                        "A face or a figure half hidden looks like a mistake; a ground or a border does not",
                        null);
            } else if (seen.decor().look() == Look.WORDS && faint(seen)) {
                say(
                        RuleId.WORDS_FAINT,
                        List.of(seen.key()),
                        seen.decor().name() + " hardly stands out from " + name,
                        "Words want a colour that differs from what they lie on; tone on tone is for grounds",
                        null);
            } else if (seen.hidden() && seen.decor().seconds() > 0) {
                String foil = seen.decor().foilMm2() > 0
                        ? Math.round(seen.decor().foilMm2() / 100) + " cm² of foil and "
                        : "";
                say(
                        RuleId.NEVER_SEEN,
                        List.of(seen.key()),
                        "No one will see " + seen.decor().name() + " on " + name,
                        "It could stay plain: that saves " + foil
                                + Figures.duration(seen.decor().seconds()) + " a card",
                        null);
            }
        }
    }
}
