package glanzen.learning;

import glanzen.forecast.RigEnsemble;
import glanzen.kit.Film;
import glanzen.kit.Machine;
import glanzen.kit.Platform;
import glanzen.kit.StackItem;
import glanzen.measure.Figures;
import glanzen.pull.Rig;
import glanzen.pull.RigPriors;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/** What an ensemble has to say about a rig, in words. */
public final class RigReport {

    /** Less than this share of the first guess's spread is worth saying. */
    private static final double NOTICED = 0.4;

    private static final double NARROWED = 0.9;

    /**
     * One thing learned.
     *
     * @param about what it is about: press, platform, contact, film or stock
     * @param text the sentence, with its spread
     * @param value the estimate, in the unit of the sentence
     * @param spread its standard deviation
     * @param narrowed how much of the first guess's spread is left, 1 = nothing learned
     */
    public record Remark(String about, String text, double value, double spread, double narrowed) {}

    private RigReport() {}

    /**
     * Everything worth saying.
     *
     * @param met films and stocks whose needs may have been learned
     */
    public static List<Remark> of(
            RigEnsemble ensemble, Machine machine, @Nullable Platform platform, List<? extends StackItem> met) {
        List<Remark> remarks = new ArrayList<>();
        String hot = platform == null ? machine.name() : platform.name();
        say(
                ensemble,
                Rig::openingErrorMm,
                RigPriors.OPENING_MM,
                "press",
                remarks,
                (m, s) -> machine.name() + " runs about "
                        + Figures.length(round(Math.abs(m), 0.01)) + (m < 0 ? " tighter" : " wider")
                        + " than its label, give or take "
                        + Figures.length(round(s, 0.01)));
        say(
                ensemble,
                Rig::setPointErrorK,
                RigPriors.SET_POINT_K,
                "platform",
                remarks,
                (m, s) -> hot + " runs about "
                        + Figures.degrees(round(Math.abs(m), 0.5)) + (m > 0 ? " hotter" : " cooler")
                        + " than it says, give or take "
                        + Figures.degrees(round(s, 0.5)));
        say(
                ensemble,
                Rig::lnStiffness,
                RigPriors.LN_STIFFNESS,
                "press",
                remarks,
                (m, s) -> machine.name() + " is about " + percent(m) + (m > 0 ? " stiffer" : " softer")
                        + " than its label, give or take " + percent(s));
        say(
                ensemble,
                Rig::lnContact,
                RigPriors.LN_CONTACT,
                "platform",
                remarks,
                (m, s) -> "Heat passes about " + percent(m) + (m > 0 ? " better" : " worse")
                        + " between your layers than usual, give or take " + percent(s));
        say(
                ensemble,
                Rig::lnGive,
                RigPriors.LN_GIVE,
                "press",
                remarks,
                (m, s) -> "The rollers of " + machine.name() + " give about " + percent(m)
                        + (m > 0 ? " more" : " less") + " in the middle than its label says, give or take "
                        + percent(s));
        for (StackItem item : met) {
            if (ensemble.rigs().get(0).lnNeeds().containsKey(item.id())) {
                say(
                        ensemble,
                        r -> r.lnNeed(item.id()),
                        item instanceof Film ? RigPriors.LN_NEED : RigPriors.LN_STOCK_NEED,
                        item instanceof Film ? "film" : "stock",
                        remarks,
                        (m, s) -> item.name() + " needs about " + percent(m) + (m > 0 ? " more" : " less")
                                + " than usual, give or take " + percent(s));
            }
        }
        return remarks;
    }

    @FunctionalInterface
    private interface Sentence {
        String of(double mean, double spread);
    }

    private static void say(
            RigEnsemble ensemble,
            ToDoubleFunction<Rig> of,
            double prior,
            String about,
            List<Remark> remarks,
            Sentence sentence) {
        double mean = ensemble.mean(of);
        double spread = ensemble.deviation(of);
        boolean off = Math.abs(mean) > NOTICED * prior;
        if (off && spread < NARROWED * prior) {
            remarks.add(new Remark(about, sentence.of(mean, spread), mean, spread, spread / prior));
        }
    }

    private static double round(double value, double step) {
        return Math.round(value / step) * step;
    }

    private static String percent(double ln) {
        return String.format(Locale.ROOT, "%.0f %%", 100 * (Math.exp(Math.abs(ln)) - 1));
    }
}
