package glanzen.layout;

import glanzen.layout.PlacementConstraint.Kind;
import glanzen.measure.BadInput;
import glanzen.measure.Figures;
import glanzen.measure.LengthUnit;
import glanzen.measure.Quantities;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Placement as people say it: reads words into holds, and says holds in words. */
public final class Wording {

    /** What is understood, to be shown when something is not. */
    public static final String ACCEPTED =
            "words such as: centred; baseline 1 3/8 in from the bottom; 12 mm from the left edge; "
                    + "4 mm below Bee; in line with Bee; baseline of Bee; 20 mm above the centre line; upper left quarter; same gap";

    private static final String EDGE =
            "(?<mm>.+?) (?:up )?from (?:the )?(?<edge>left|right|top|bottom|upper|lower)(?: edge)?";
    private static final String CENTRE = "cent(?:re|er)(?: ?line)?";

    private record Rule(Pattern pattern, Reading reading) {
        Rule(String pattern, Reading reading) {
            this(Pattern.compile(pattern), reading);
        }
    }

    @FunctionalInterface
    private interface Reading {
        void read(Wording w, Matcher m);
    }

    /** The first that fits is meant; so the particular stand before the general. */
    private static final List<Rule> RULES = List.of(
            new Rule("same gaps?(?: between .*)?", (w, m) -> w.along = w.sameGap()),
            new Rule("same gaps? across(?: between .*)?", (w, m) -> w.across = w.sameGap()),
            new Rule("(?<v>upper|lower|top|bottom) (?<h>left|right) (?:quarter|quadrant)", (w, m) -> {
                w.along = half(high(m.group("v")));
                w.across = half(high(m.group("h")));
            }),
            new Rule("(?<h>left|right) half", (w, m) -> w.across = half(high(m.group("h")))),
            new Rule("(?<v>upper|lower|top|bottom) half", (w, m) -> w.along = half(high(m.group("v")))),
            new Rule("(?:on the )?baseline of (?<name>.+)", (w, m) -> w.along = w.by(Kind.BASELINE_OF, "0", m)),
            new Rule(
                    "baseline (?<mm>.+?) (?:up|(?:from|above) (?:the )?(?:bottom|lower edge|foot))",
                    (w, m) -> w.along = w.at(Kind.BASELINE, m)),
            new Rule(EDGE, (w, m) -> w.fromEdge(m)),
            new Rule("(?<mm>.+?) (?<side>right|left) of (?:the )?" + CENTRE, (w, m) -> w.across = w.offCentre(m)),
            new Rule("(?<mm>.+?) (?<side>above|below) (?:the )?" + CENTRE, (w, m) -> w.along = w.offCentre(m)),
            new Rule("(?<mm>.+?) (?:above|over) (?<name>.+)", (w, m) -> w.along = w.by(Kind.AFTER, m.group("mm"), m)),
            new Rule("(?<mm>.+?) (?:below|under) (?<name>.+)", (w, m) -> w.along = w.by(Kind.BEFORE, m.group("mm"), m)),
            new Rule("(?<mm>.+?) right of (?<name>.+)", (w, m) -> w.across = w.by(Kind.AFTER, m.group("mm"), m)),
            new Rule("(?<mm>.+?) left of (?<name>.+)", (w, m) -> w.across = w.by(Kind.BEFORE, m.group("mm"), m)),
            new Rule("level with (?<name>.+)", (w, m) -> w.along = w.by(Kind.IN_LINE, "0", m)),
            new Rule(
                    "(?:in line with|on the axis of|cent(?:red|ered) (?:on|over|under|with)) (?<name>.+)",
                    (w, m) -> w.across = w.by(Kind.IN_LINE, "0", m)),
            new Rule("cent(?:red|ered) (?:across|sideways)", (w, m) -> w.across = PlacementConstraint.CENTRED),
            new Rule("cent(?:red|ered) (?:updown|in height)", (w, m) -> w.along = PlacementConstraint.CENTRED),
            new Rule("(?:in the )?(?:middle|cent(?:red?|er|ered))(?: both ways)?", (w, m) -> w.centred = true));

    private final List<Named> all;
    private final List<String> keys;
    private final String key;
    private final LengthUnit unit;
    private @Nullable PlacementConstraint across;
    private @Nullable PlacementConstraint along;
    private boolean centred;

    /**
     * Something that may be held, or held by.
     *
     * @param name what a person calls it
     */
    public record Named(String key, String name) {}

    /** What holds something on both axes. */
    public record Holding(PlacementConstraint across, PlacementConstraint along) {}

    private Wording(List<Named> all, List<String> keys, String key, LengthUnit unit) {
        this.all = all;
        this.keys = keys;
        this.key = key;
        this.unit = unit;
    }

    /**
     * What words say that holds something. A bare “centred” is meant for whatever axis the other words leave open.
     *
     * @param all everything that is laid on the same ground
     * @param keys what is placed; several for “same gap”
     * @param key which of them
     * @param now what has held it so far
     * @param unit what a bare number means
     * @throws BadInput naming {@code words} if something is not understood
     */
    public static Holding read(
            List<Named> all, List<String> keys, String key, Holding now, String text, LengthUnit unit) {
        Wording w = new Wording(all, keys, key, unit);
        w.read(text);
        PlacementConstraint across = w.across != null ? w.across : w.centred ? PlacementConstraint.CENTRED : now.across;
        PlacementConstraint along =
                w.along != null ? w.along : w.centred && w.across != null ? PlacementConstraint.CENTRED : now.along;
        boolean both = w.centred && w.across == null && w.along == null;
        return new Holding(across, both ? PlacementConstraint.CENTRED : along);
    }

    /**
     * Places plates as words say.
     *
     * @param keys which plates; several for “same gap”
     * @param unit what a bare number means
     * @throws BadInput naming {@code words} if something is not understood
     */
    public static Layout place(Layout layout, List<String> keys, String text, LengthUnit unit) {
        List<Named> all = layout.all().stream()
                .map(p -> new Named(p.key(), p.plate().name()))
                .toList();
        Layout changed = layout;
        for (String key : keys) {
            Placed placed = layout.find(key)
                    .orElseThrow(() -> new BadInput("keys", key + " is not laid out", "a plate of the layout"));
            Holding held = read(all, keys, key, new Holding(placed.across(), placed.along()), text, unit);
            changed = changed.each(p -> p.key().equals(key) ? p.held(held.across, held.along) : p);
        }
        return changed;
    }

    private void read(String text) {
        String plain =
                text.toLowerCase(Locale.ROOT).replace("up and down", "updown").replaceAll("\\s+", " ");
        for (String phrase : plain.split("\\s*(?:[,;]|\\band\\b)\\s*")) {
            if (!phrase.isBlank()) {
                readPhrase(phrase.trim());
            }
        }
    }

    private void readPhrase(String phrase) {
        for (Rule rule : RULES) {
            Matcher m = rule.pattern.matcher(phrase);
            if (m.matches()) {
                rule.reading.read(this, m);
                return;
            }
        }
        throw new BadInput("words", "“" + phrase + "” is not understood", ACCEPTED);
    }

    private double mm(String text) {
        return text.equals("0") ? 0 : Quantities.lengthMm("words", text, unit);
    }

    private PlacementConstraint at(Kind kind, Matcher m) {
        return PlacementConstraint.at(kind, mm(m.group("mm")));
    }

    private void fromEdge(Matcher m) {
        String edge = m.group("edge");
        PlacementConstraint hold = at(high(edge) ? Kind.FROM_HIGH : Kind.FROM_LOW, m);
        if (edge.equals("left") || edge.equals("right")) {
            across = hold;
        } else {
            along = hold;
        }
    }

    private PlacementConstraint offCentre(Matcher m) {
        double mm = mm(m.group("mm"));
        return PlacementConstraint.at(Kind.CENTRE, high(m.group("side")) ? mm : -mm);
    }

    private PlacementConstraint by(Kind kind, String distance, Matcher m) {
        return PlacementConstraint.by(kind, mm(distance), named(m.group("name")));
    }

    private String named(String name) {
        String wanted = name.replaceFirst("^the ", "").trim();
        List<Named> others = all.stream().filter(o -> !o.key.equals(key)).toList();
        Optional<Named> exact =
                others.stream().filter(o -> o.name.equalsIgnoreCase(wanted)).findFirst();
        return exact.or(() -> others.stream()
                        .filter(o -> o.name.toLowerCase(Locale.ROOT).startsWith(wanted))
                        .findFirst())
                .map(Named::key)
                .orElseThrow(() -> new BadInput(
                        "words",
                        "“" + wanted + "” is not laid out",
                        others.isEmpty()
                                ? "the name of another that is laid there; there is none yet"
                                : String.join(
                                        ", ", others.stream().map(Named::name).toList())));
    }

    /** The first and last of a row stay where they are. */
    private @Nullable PlacementConstraint sameGap() {
        if (keys.size() < 3) {
            throw new BadInput("words", "“same gap” needs a row", "three or more, chosen together");
        }
        boolean end = keys.get(0).equals(key) || keys.get(keys.size() - 1).equals(key);
        return end ? null : new PlacementConstraint(Kind.SAME_GAP, 0, keys);
    }

    private static PlacementConstraint half(boolean high) {
        return PlacementConstraint.at(high ? Kind.HIGH_HALF : Kind.LOW_HALF, 0);
    }

    private static boolean high(String word) {
        return List.of("right", "top", "upper", "above").contains(word);
    }

    /** What holds a plate, in words, across and then along. */
    public static List<String> said(Layout layout, Placed placed) {
        List<Named> all = layout.all().stream()
                .map(p -> new Named(p.key(), p.plate().name()))
                .toList();
        return said(all, new Holding(placed.across(), placed.along()));
    }

    /** What holds something, in words, across and then along. */
    public static List<String> said(List<Named> all, Holding held) {
        return List.of(said(all, held.across, true), said(all, held.along, false));
    }

    private static String said(List<Named> all, PlacementConstraint hold, boolean across) {
        String mm = Figures.length(Math.abs(hold.mm()));
        String high = across ? "right" : "above";
        String low = across ? "left" : "below";
        String of = across ? " of " : " ";
        return switch (hold.kind()) {
            case CENTRE ->
                hold.mm() == 0
                        ? "centred " + (across ? "across" : "up and down")
                        : mm + " " + (hold.mm() > 0 ? high : low) + of + "the centre line";
            case FROM_LOW -> mm + beyond(hold) + " from the " + (across ? "left" : "bottom");
            case FROM_HIGH -> mm + beyond(hold) + " from the " + (across ? "right" : "top");
            case BASELINE -> "baseline " + mm + beyond(hold) + " from the bottom";
            case LOW_HALF -> "in the " + (across ? "left" : "lower") + " half";
            case HIGH_HALF -> "in the " + (across ? "right" : "upper") + " half";
            case IN_LINE ->
                hold.mm() == 0
                        ? (across ? "in line with " : "level with ") + name(all, hold)
                        : mm + " " + (hold.mm() > 0 ? high : low) + of + "the middle of " + name(all, hold);
            case BASELINE_OF ->
                hold.mm() == 0
                        ? "on the baseline of " + name(all, hold)
                        : "baseline " + mm + (hold.mm() > 0 ? " above" : " below") + " that of " + name(all, hold);
            case AFTER -> mm + beyond(hold) + " " + high + of + name(all, hold);
            case BEFORE -> mm + beyond(hold) + " " + low + of + name(all, hold);
            case SAME_GAP -> "same gap in its row" + (across ? " across" : "");
        };
    }

    private static String beyond(PlacementConstraint hold) {
        return hold.mm() < 0 ? " the other way" : "";
    }

    private static String name(List<Named> all, PlacementConstraint hold) {
        return all.stream()
                .filter(o -> o.key.equals(hold.others().get(0)))
                .map(Named::name)
                .findFirst()
                .orElse("what is gone");
    }
}
