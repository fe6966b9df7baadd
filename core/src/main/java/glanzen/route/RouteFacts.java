package glanzen.route;

import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Machine;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.material.BondingLayer;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What can be asked of a route; every answer stands in its plan. */
public sealed interface RouteFacts permits Route {

    /** All that is peculiar to it. */
    RoutePlan plan();

    /** What experience asks of it, beyond what holds for all. */
    default RuleSet rules() {
        return plan().rules();
    }

    /** The craft's name for it. */
    default String label() {
        return plan().label();
    }

    /** How it is done, in a sentence. */
    default String says() {
        return plan().says();
    }

    /** Where it is looked for. */
    default RouteGroup group() {
        return RouteGroup.of(plan());
    }

    /** What pressing does. */
    default Mechanism mechanism() {
        return plan().mechanism();
    }

    /** What lets its film hold on; nothing where there is no film. */
    default Optional<BondingLayer> bonding() {
        return Optional.ofNullable(plan().bonding());
    }

    /** Kinds of machine that can do it. */
    default Set<Machine.Kind> machines() {
        return plan().machines();
    }

    /** What its tool is called. */
    default String toolWord() {
        return plan().toolWord();
    }

    /** Kinds of tool it works with. */
    default Set<Plate.Kind> tools() {
        return plan().tools();
    }

    /** Kinds of stock it works on. */
    default Set<Stock.Kind> stocks() {
        return plan().stocks();
    }

    /** Kind of film it takes; nothing where there is none. */
    default Optional<Film.Kind> film() {
        return Optional.ofNullable(plan().film());
    }

    /** Its stack, bottom to top. */
    default List<LayerSlot> slots() {
        return plan().slots();
    }

    /** Kinds of board that its stack cannot do without. */
    default List<Board.Kind> boards() {
        return slots().stream()
                .filter(slot -> !slot.optional())
                .flatMap(slot -> slot.part().board().stream())
                .distinct()
                .toList();
    }

    /** Whether it is done on a heated platform. */
    default boolean heated() {
        return plan().has(LayerRole.PLATFORM);
    }

    /** Whether its tool goes through the machine; otherwise it has laid the design before. */
    default boolean toolInStack() {
        return plan().has(LayerRole.TOOL);
    }

    /** Whether ink may lie on its plate, and print as it embosses. */
    default boolean inkable() {
        return plan().inked();
    }

    /** How many sheets may lie in one stack. */
    default int mostSheets() {
        return plan().mostSheets();
    }

    /** Whether it wants gel under the film. */
    default boolean wantsGel() {
        return plan().bonding() == BondingLayer.GEL_FOIL || plan().bonding() == BondingLayer.GEL_FLOCK;
    }

    /** What usually lies on the platform while the plate soaks. */
    default Heating heating() {
        return plan().heating();
    }

    /** Usual soak, s. */
    default double soakSeconds() {
        return plan().soakSeconds();
    }

    /** How hot its rollers usually are, °C. */
    default double rollersC() {
        return plan().rollersC();
    }

    /** What counts as good on it. */
    default Standard standard() {
        return plan().standard();
    }

    /** Usual peel. */
    default Peel peel() {
        return plan().peel();
    }

    /** Usual trips through the machine. */
    default int passes() {
        return plan().passes();
    }

    /** Fastest feed that one pass is enough at, mm/s. */
    default double slowMmPerS() {
        return plan().slowMmPerS();
    }

    /** How much thicker than the opening its stack usually is once blades are through, mm. */
    default double targetMm() {
        return plan().targetMm();
    }

    /** Pressure on the design its stack is filled up to, MPa; 0 where it goes by thickness. */
    default double targetMpa() {
        return plan().targetMpa();
    }

    /** Whether its foil goes over ink or paint. */
    default boolean overMedium() {
        return plan().waits().contains(Wait.MEDIUM_DRY);
    }

    /** Whether part of the die stays outside on purpose. */
    default boolean partial() {
        return plan().rules() == RuleSet.PARTIAL_CUT;
    }

    /** Whether a part belongs to its stack, wanted or optional. */
    default boolean has(LayerRole role) {
        return plan().has(role);
    }

    /** True where plate, film and stock are taped together and turned over as one. */
    default boolean taped() {
        return plan().taped();
    }

    /** What it has to wait for. */
    default List<Wait> waits() {
        return plan().waits();
    }

    /** Where people differ on it. */
    default List<Question> questions() {
        return plan().questions();
    }
}
