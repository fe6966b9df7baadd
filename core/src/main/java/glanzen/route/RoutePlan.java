package glanzen.route;

import glanzen.kit.Film;
import glanzen.kit.Machine;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.material.BondingLayer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * All that is peculiar to a route; the rest of Glanzen asks it and knows no route by name.
 *
 * @param label the craft's name for it
 * @param says how it is done, in a sentence
 * @param mechanism what pressing does
 * @param bonding what lets the film hold on; nothing where there is no film
 * @param machines kinds of machine that can do it, the usual one first
 * @param toolWord what the tool is called
 * @param tools kinds of tool it works with
 * @param stocks kinds of stock it works on
 * @param mostSheets how many sheets may lie in one stack
 * @param film kind of film it takes; nothing where there is none
 * @param slots the stack, bottom to top
 * @param targetMm how much thicker than the opening its stack usually is once blades are through, mm
 * @param targetMpa pressure on the design its stack is filled up to; 0 where it goes by thickness
 * @param heating what lies on the platform during the soak
 * @param soakSeconds usual soak, s; 0 where nothing soaks
 * @param rollersC how hot its rollers usually are, °C
 * @param peel usual peel
 * @param passes usual trips through the machine
 * @param slowMmPerS fastest feed that one pass is enough at, mm/s
 * @param inked whether its plate may be inked
 * @param taped whether plate, film and stock are taped together and turned over as one
 * @param waits what it has to wait for
 * @param questions where people differ
 * @param rules what experience asks of it, beyond layers, fit and place
 * @param standard what counts as good
 */
public record RoutePlan(
        String label,
        String says,
        Mechanism mechanism,
        @Nullable BondingLayer bonding,
        Set<Machine.Kind> machines,
        String toolWord,
        Set<Plate.Kind> tools,
        Set<Stock.Kind> stocks,
        int mostSheets,
        Film.@Nullable Kind film,
        List<LayerSlot> slots,
        double targetMm,
        double targetMpa,
        Heating heating,
        double soakSeconds,
        double rollersC,
        Peel peel,
        int passes,
        double slowMmPerS,
        boolean inked,
        boolean taped,
        List<Wait> waits,
        List<Question> questions,
        RuleSet rules,
        Standard standard) {

    /** Whether a part belongs to the stack, wanted or optional. */
    public boolean has(LayerRole part) {
        return slots.stream().anyMatch(s -> s.part() == part);
    }

    /** What a builder starts from. */
    static Builder of(String label, Mechanism mechanism) {
        return new Builder(label, mechanism);
    }

    /** Collects a plan. */
    static final class Builder {
        private final String label;
        private final Mechanism mechanism;
        private String says = "";
        private @Nullable BondingLayer bonding;
        private Set<Machine.Kind> machines = Set.of();
        private String toolWord = "plate";
        private Set<Plate.Kind> tools = Set.of();
        private Set<Stock.Kind> stocks = Set.of();
        private int mostSheets = 1;
        private Film.@Nullable Kind film;
        private final List<LayerSlot> slots = new ArrayList<>();
        private double targetMm = 0.45;
        private double targetMpa;
        private Heating heating = Heating.ALONE;
        private double soakSeconds;
        private double rollersC = 112;
        private Peel peel = Peel.WARM;
        private int passes = 1;
        private double slowMmPerS = 100;
        private boolean inked;
        private boolean taped;
        private final List<Wait> waits = new ArrayList<>();
        private final List<Question> questions = new ArrayList<>();
        private RuleSet rules = RuleSet.HOT_PLATE;
        private Standard standard = Standard.FOIL;

        private Builder(String label, Mechanism mechanism) {
            this.label = label;
            this.mechanism = mechanism;
        }

        Builder says(String sentence) {
            says = sentence;
            return this;
        }

        Builder films(BondingLayer by, Film.Kind kind) {
            bonding = by;
            film = kind;
            return this;
        }

        Builder on(Set<Machine.Kind> kinds) {
            machines = kinds;
            return this;
        }

        Builder tool(String word, Plate.Kind... kinds) {
            toolWord = word;
            tools = EnumSet.copyOf(Arrays.asList(kinds));
            return this;
        }

        Builder stock(Stock.Kind... kinds) {
            stocks = EnumSet.copyOf(Arrays.asList(kinds));
            return this;
        }

        Builder sheets(int most) {
            mostSheets = most;
            return this;
        }

        Builder stack(LayerSlot... bottomToTop) {
            slots.clear();
            slots.addAll(List.of(bottomToTop));
            return this;
        }

        Builder target(double mm) {
            targetMm = mm;
            return this;
        }

        Builder pressure(double mpa) {
            targetMpa = mpa;
            return this;
        }

        Builder soak(Heating while_, double seconds) {
            heating = while_;
            soakSeconds = seconds;
            return this;
        }

        Builder rollers(double usualC) {
            rollersC = usualC;
            return this;
        }

        Builder peel(Peel usual) {
            peel = usual;
            return this;
        }

        Builder passes(int usual) {
            passes = usual;
            return this;
        }

        Builder slow(double mmPerS) {
            slowMmPerS = mmPerS;
            return this;
        }

        Builder inked() {
            inked = true;
            return this;
        }

        Builder taped() {
            taped = true;
            return this;
        }

        Builder waits(Wait... all) {
            waits.addAll(List.of(all));
            return this;
        }

        Builder differ(Question... all) {
            questions.addAll(List.of(all));
            return this;
        }

        Builder rules(RuleSet set) {
            rules = set;
            return this;
        }

        Builder good(Standard counts) {
            standard = counts;
            return this;
        }

        RoutePlan plan() {
            return new RoutePlan(
                    label,
                    says,
                    mechanism,
                    bonding,
                    machines,
                    toolWord,
                    tools,
                    stocks,
                    mostSheets,
                    film,
                    List.copyOf(slots),
                    targetMm,
                    targetMpa,
                    heating,
                    soakSeconds,
                    rollersC,
                    peel,
                    passes,
                    slowMmPerS,
                    inked,
                    taped,
                    List.copyOf(waits),
                    List.copyOf(questions),
                    rules,
                    standard);
        }
    }
}
