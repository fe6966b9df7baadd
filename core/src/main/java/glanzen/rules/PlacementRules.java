package glanzen.rules;

import glanzen.finding.Concern;
import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.kit.Plate;
import glanzen.layout.Arrangement;
import glanzen.layout.Layout;
import glanzen.layout.LayoutRules;
import glanzen.layout.Placed;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What a layout has to say about its set-up: the plate of the stack is laid out, and everything fits. */
final class PlacementRules {

    static final List<Rule> ALL = List.of(PlacementRules::laidOut, PlacementRules::placed);

    private PlacementRules() {}

    private static Stream<Finding<SetUp>> laidOut(SetUp s, Inventory shop) {
        Layout layout = s.layout();
        if (!layout.laid() || !Rules.computable(s)) {
            return Stream.empty();
        }
        boolean there = layout.plates().stream()
                .anyMatch(p -> p.plate().id().equals(s.plate().id()));
        if (there) {
            return Stream.empty();
        }
        List<Placed> instead = new ArrayList<>();
        instead.add(Placed.centred(s.plate()));
        return Stream.of(Finding.at(
                s.stack().indexOf(Plate.class),
                RuleId.NOT_LAID_OUT,
                s.plate().name() + " lies in the stack, but other plates are laid out",
                "The forecast and the tracing sheet follow the layout",
                new Mend<>(
                        "Lay it out in the middle",
                        s.withLayout(
                                layout.withPlates(instead).withCuts(List.of()).withPatches(List.of())))));
    }

    private static Stream<Finding<SetUp>> placed(SetUp s, Inventory shop) {
        if (!s.layout().laid() || !Rules.computable(s)) {
            return Stream.empty();
        }
        int plate = s.stack().indexOf(Plate.class);
        Arrangement arrangement = new Arrangement(s.layout(), shop.artworks());
        return LayoutRules.check(
                        arrangement,
                        s.onPlatform().platform(),
                        s.press(),
                        s.stock().kind())
                .stream()
                .map(f -> new Finding<>(
                        f.rule(), new Concern(plate, f.concern().keys(), -1), f.what(), f.why(), mend(s, f.mend())));
    }

    private static @Nullable Mend<SetUp> mend(SetUp s, @Nullable Mend<Layout> mend) {
        return mend == null ? null : new Mend<>(mend.label(), s.withLayout(mend.mended()));
    }
}
