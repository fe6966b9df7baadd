package glanzen.rules;

import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.kit.Board;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.press.Relief;
import glanzen.pull.AsLabelled;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What embossing asks for. */
final class EmbossRules {

    static final List<Rule> ALL =
            Rules.whereComputable(List.of(EmbossRules::tears, EmbossRules::shallow, EmbossRules::raised));

    private static final double SHALLOW = 0.6;

    private EmbossRules() {}

    private static AsLabelled pulled(SetUp s, Inventory shop) {
        return new AsLabelled(s, shop.artworks());
    }

    /** Pressure on the broadest part of the relief against what forms it, over all passes, as the labels say. */
    static double dose(SetUp s, Inventory shop) {
        return pulled(s, shop).reliefDose();
    }

    private static Stream<Finding<SetUp>> tears(SetUp s, Inventory shop) {
        double share = pulled(s, shop).tearing();
        return share < 1
                ? Stream.empty()
                : Stream.of(Finding.at(
                        s.stack().indexOf(Stock.class),
                        RuleId.TEARS,
                        String.format(
                                Locale.ROOT,
                                "The relief would crack the stock: %.1f times the pressure it bears",
                                share),
                        "A metal shim if it is too shallow; a plastic one is too much for a flat folder",
                        thinner(s, shop)));
    }

    private static @Nullable Mend<SetUp> thinner(SetUp s, Inventory shop) {
        List<Layer> layers = s.stack().layers();
        return IntStream.range(0, layers.size())
                .filter(i -> layers.get(i).item() instanceof Board b
                        && (b.kind().shim() || b.kind().filler()))
                .mapToObj(i -> new Mend<>(
                        "Take " + layers.get(i).item().name() + " out",
                        s.withStack(s.stack().without(i))))
                .filter(m -> m.mended().overfillMm() > 0.05
                        && pulled(m.mended(), shop).tearing() < 1)
                .max(Comparator.comparingDouble(m -> m.mended().overfillMm()))
                .orElse(null);
    }

    private static Stream<Finding<SetUp>> shallow(SetUp s, Inventory shop) {
        double dose = dose(s, shop);
        if (dose >= SHALLOW || s.overfillMm() <= 0) {
            return Stream.empty();
        }
        Mend<SetUp> mend = shop.boards().stream()
                .filter(b -> b.kind().shim() && b.sound())
                .map(b -> new Mend<>(
                        "Add " + b.name(), s.withStack(s.stack().with(s.shimPlace(), new Layer(b, Facing.UP)))))
                .filter(m -> dose(m.mended(), shop) > dose
                        && pulled(m.mended(), shop).tearing() < 1)
                .max(Comparator.comparingDouble(m -> Math.min(1.3, dose(m.mended(), shop))))
                .orElse(null);
        return Stream.of(Finding.at(
                s.stack().indexOf(Stock.class),
                RuleId.SHALLOW,
                String.format(Locale.ROOT, "The relief stays shallow: %.0f %% of its depth", 100 * Relief.formed(dose)),
                "There is too little pressure for its area: the metal shim helps",
                mend));
    }

    /** Which side comes out raised. */
    private static Stream<Finding<SetUp>> raised(SetUp s, Inventory shop) {
        int stock = s.stack().indexOf(Stock.class);
        boolean goodUp = s.stack().layers().get(stock).facing() == Facing.UP;
        boolean toolBelow = s.stack().indexOf(Plate.class) < stock;
        // A raised face pushes the sheet away from itself; a stencil lets it rise towards itself, through its openings.
        boolean towards = s.plate().kind() == Plate.Kind.STENCIL;
        boolean raised = goodUp == (toolBelow != towards);
        Layer layer = s.stack().layers().get(stock);
        return Stream.of(Finding.at(
                stock,
                RuleId.RAISED_SIDE,
                raised
                        ? "The design comes out raised on the good side"
                        : "The design comes out sunk into the good side",
                "The other side of the sheet shows the reverse",
                new Mend<>(
                        raised ? "Have it sunk: turn the stock over" : "Have it raised: turn the stock over",
                        s.withStack(s.stack().replaced(stock, layer.flipped())))));
    }
}
