package glanzen.training;

import glanzen.measure.Figures;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.training.Question.Option;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;

/** How drills put things into words. */
final class Told {

    private Told() {}

    /** How something is set up, line by line. */
    static List<String> setUp(SetUp s) {
        List<String> lines = new ArrayList<>(List.of(how(s), "From below: " + layers(s)));
        lines.addAll(heat(s));
        lines.add(feed(s));
        return lines;
    }

    static String how(SetUp s) {
        return s.route().label() + ", " + s.machine().name();
    }

    static String layers(SetUp s) {
        return s.stack().layers().stream().map(l -> l.item().name()).collect(Collectors.joining(" · "));
    }

    /** What warms it; nothing where nothing does. */
    static List<String> heat(SetUp s) {
        String at = " at " + Figures.temperature(s.setPointC());
        if (s.heat() instanceof Heat.OnPlatform on) {
            return List.of("Soaks " + Figures.duration(on.soakSeconds()) + at);
        }
        return s.heated() ? List.of("Rollers" + at) : List.of();
    }

    static String feed(SetUp s) {
        return s.pace().label() + ", " + (s.passes() == 1 ? "one pass" : s.passes() + " passes");
    }

    /** Options in an order of luck. */
    static List<Option> shuffled(List<Option> options, Random luck) {
        List<Option> all = new ArrayList<>(options);
        Collections.shuffle(all, luck);
        return all;
    }

    /** Words as options, with keys that do not tell in which order they were written. */
    static List<Option> words(List<String> words, Random luck) {
        return words.stream()
                .map(w -> new Option(Integer.toString(luck.nextInt(Integer.MAX_VALUE), Character.MAX_RADIX), w))
                .toList();
    }
}
