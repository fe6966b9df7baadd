package glanzen.learning;

import glanzen.forecast.RigEnsemble;
import glanzen.kit.Film;
import glanzen.kit.Machine;
import glanzen.kit.Platform;
import glanzen.kit.StackItem;
import glanzen.measure.Figures;
import glanzen.pull.PullModel;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** The belief of a rig, in words. */
public final class RigReport {

    /** Less than this share of the first guess's spread is worth saying. */
    private static final double NOTICED = 0.4;

    private static final double NARROWED = 0.9;
    /** A pull that gets so much more or less than was thought comes out otherwise; ln. */
    private static final double SHOWS_LN = 0.15;
    /** Less than this is next to nothing. */
    private static final double LEAST_DOSE = 1e-3;

    /**
     * One thing learned.
     *
     * @param about what it is about: press, platform, film, stock, or all of them together
     * @param text the sentence, with its spread
     * @param value the estimate, in the unit of the sentence
     * @param spread its standard deviation
     * @param narrowed how much of the first guess's spread is left, 1 = nothing learned
     */
    public record Remark(String about, String text, double value, double spread, double narrowed) {}

    private RigReport() {}

    /**
     * Everything worth saying of a machine and what heats it.
     *
     * @param met films and stocks whose needs may have been learned
     */
    public static List<Remark> of(
            Belief belief, Machine machine, @Nullable Platform platform, List<? extends StackItem> met) {
        List<Remark> remarks = new ArrayList<>();
        String hot = platform == null ? machine.name() : platform.name();
        String heats = platform == null ? machine.id() : platform.id();
        say(
                belief,
                new Trait(machine.id(), Quantity.OPENING),
                "press",
                remarks,
                (m, s) -> machine.name() + " runs about "
                        + Figures.length(round(Math.abs(m), 0.01)) + (m < 0 ? " tighter" : " wider")
                        + " than its label, give or take "
                        + Figures.length(round(s, 0.01)));
        say(
                belief,
                new Trait(heats, Quantity.SET_POINT),
                "platform",
                remarks,
                (m, s) -> hot + " runs about "
                        + Figures.degrees(round(Math.abs(m), 0.5)) + (m > 0 ? " hotter" : " cooler")
                        + " than it says, give or take "
                        + Figures.degrees(round(s, 0.5)));
        say(
                belief,
                new Trait(machine.id(), Quantity.STIFFNESS),
                "press",
                remarks,
                (m, s) -> machine.name() + " is about " + percent(m) + (m > 0 ? " stiffer" : " softer")
                        + " than its label, give or take " + percent(s));
        say(
                belief,
                new Trait(heats, Quantity.CONTACT),
                "platform",
                remarks,
                (m, s) -> "Heat passes about " + percent(m) + (m > 0 ? " better" : " worse")
                        + " between your layers than usual, give or take " + percent(s));
        say(
                belief,
                new Trait(machine.id(), Quantity.GIVE),
                "press",
                remarks,
                (m, s) -> "The rollers of " + machine.name() + " give about " + percent(m)
                        + (m > 0 ? " more" : " less") + " in the middle than its label says, give or take "
                        + percent(s));
        for (StackItem item : met) {
            say(
                    belief,
                    new Trait(item.id(), Quantity.NEED),
                    item instanceof Film ? "film" : "stock",
                    remarks,
                    (m, s) -> item.name() + " needs about " + percent(m) + (m > 0 ? " more" : " less")
                            + " than usual, give or take " + percent(s));
        }
        return remarks;
    }

    /**
     * The same for a set-up, with what all of it comes to as against what was thought at first: several things may each be a little off, and
     * none of them enough to be named.
     *
     * @param said what is said of its machine and heat
     * @param model the set-up made ready
     * @param learned rigs as they are believed to be
     * @param first rigs as they were thought of at first
     */
    public static List<Remark> with(List<Remark> said, PullModel model, RigEnsemble learned, RigEnsemble first) {
        double off = Math.log(dose(model, learned) / dose(model, first));
        List<Remark> all = new ArrayList<>(said);
        if (Math.abs(off) > SHOWS_LN) {
            all.add(new Remark(
                    "all",
                    "In all, a pull gets about " + percent(off) + (off > 0 ? " more" : " less")
                            + " heat and pressure than expected at first",
                    off,
                    0,
                    1));
        } else if (said.isEmpty()) {
            all.add(new Remark("all", "So far your machine behaves as its maker says", off, 0, 1));
        }
        return all;
    }

    private static double dose(PullModel model, RigEnsemble rigs) {
        return Math.max(LEAST_DOSE, model.doses(rigs.middle()).pull(1).dose());
    }

    @FunctionalInterface
    private interface Sentence {
        String of(double mean, double spread);
    }

    private static void say(Belief belief, Trait trait, String about, List<Remark> remarks, Sentence sentence) {
        double mean = belief.mean(trait);
        double spread = belief.deviation(trait);
        double doubted = belief.doubted(trait);
        boolean off = Math.abs(mean) > NOTICED * doubted;
        if (off && spread < NARROWED * doubted) {
            remarks.add(new Remark(about, sentence.of(mean, spread), mean, spread, spread / doubted));
        }
    }

    private static double round(double value, double step) {
        return Math.round(value / step) * step;
    }

    /** How much more or less a factor makes it. */
    private static String percent(double ln) {
        return String.format(Locale.ROOT, "%.0f %%", 100 * Math.abs(Math.expm1(ln)));
    }
}
