package glanzen.training;

import glanzen.measure.Figures;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.training.Question.Option;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/** How drills put things into words. */
final class Told {

    private Told() {}

    /** How something is set up, line by line. */
    static List<String> setUp(SetUp s) {
        List<String> lines = new ArrayList<>();
        lines.add(s.route().label() + ", " + s.machine().name());
        lines.add("From below: "
                + String.join(
                        " · ",
                        s.stack().layers().stream().map(l -> l.item().name()).toList()));
        if (s.heat() instanceof Heat.OnPlatform on) {
            lines.add("Soaks " + Figures.duration(on.soakSeconds()) + " at " + Figures.temperature(s.setPointC()));
        } else if (s.heated()) {
            lines.add("Rollers at " + Figures.temperature(s.setPointC()));
        }
        lines.add("%s, %s"
                .formatted(
                        s.pace().name().toLowerCase(Locale.ROOT),
                        s.passes() == 1 ? "one pass" : s.passes() + " passes"));
        return lines;
    }

    /** Options in an order of luck, keyed by where they end up, the right one first among those given. */
    static List<Option> shuffled(List<Option> options, Random luck) {
        List<Option> all = new ArrayList<>(options);
        Collections.shuffle(all, luck);
        return all;
    }

    /** Words as options, the first of them the right one: it gets the key that is asked for. */
    static List<Option> words(List<String> words, Random luck) {
        List<Option> options = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            options.add(new Option(key(i, luck), words.get(i)));
        }
        return options;
    }

    /** A key that does not tell which option was written first. */
    private static String key(int index, Random luck) {
        return Integer.toString(index + 10 * luck.nextInt(90_000), 36);
    }
}
