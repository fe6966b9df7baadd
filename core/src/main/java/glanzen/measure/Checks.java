package glanzen.measure;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.DoubleFunction;
import org.jspecify.annotations.Nullable;

/** Gathers everything wrong with a value, so that a person hears of all of it at once. */
public final class Checks {

    private static final int LONGEST_NAME = 80;
    private static final Instant FIRST_MOMENT = Instant.parse("2000-01-01T00:00:00Z");
    private static final Instant LAST_MOMENT = Instant.parse("2100-01-01T00:00:00Z");

    private final List<BadInput.Problem> problems = new ArrayList<>();

    /** A length in mm between {@code least} and {@code most}, both included. */
    public Checks lengthMm(String field, double mm, double least, double most) {
        return within(field, mm, least, most, Figures::length);
    }

    /** A temperature in °C between {@code least} and {@code most}, both included. */
    public Checks celsius(String field, double celsius, double least, double most) {
        return within(field, celsius, least, most, Figures::temperature);
    }

    /** A paper weight in g/m² between {@code least} and {@code most}, both included. */
    public Checks weightGsm(String field, double gsm, double least, double most) {
        return within(field, gsm, least, most, Figures::weight);
    }

    /** A plain figure with its unit named in words. */
    public Checks figure(String field, double value, double least, double most, String unit) {
        return within(field, value, least, most, v -> plain(v) + (unit.isEmpty() ? "" : " " + unit));
    }

    /** A short text that says something. */
    public Checks name(String field, @Nullable String text) {
        if (text == null || text.isBlank() || text.length() > LONGEST_NAME) {
            add(field, "needs a name", "1 to " + LONGEST_NAME + " letters");
        } else if (text.codePoints().anyMatch(Checks::unseen)) {
            add(field, "has a letter that cannot be seen", "letters, digits, signs and spaces");
        }
        return this;
    }

    /** Control characters, halves of letters, and signs that turn the direction of what follows. */
    private static boolean unseen(int letter) {
        int type = Character.getType(letter);
        boolean turns = letter >= 0x202A && letter <= 0x202E || letter >= 0x2066 && letter <= 0x2069;
        return type == Character.CONTROL || type == Character.SURROGATE || type == Character.UNASSIGNED || turns;
    }

    /** A time that a person can have lived through or planned for. */
    public Checks moment(String field, @Nullable Instant at) {
        if (at == null || at.isBefore(FIRST_MOMENT) || at.isAfter(LAST_MOMENT)) {
            add(field, at == null ? "is missing" : "lies far away: " + at, "a time between the years 2000 and 2100");
        }
        return this;
    }

    /** Something that must be there. */
    public Checks present(String field, @Nullable Object value, String accepted) {
        if (value == null) {
            add(field, "is missing", accepted);
        }
        return this;
    }

    /** A list with something in it. */
    public Checks filled(String field, @Nullable Collection<?> values, String accepted) {
        if (values == null || values.isEmpty()) {
            add(field, "is empty", accepted);
        }
        return this;
    }

    /** Any other condition that must hold. */
    public Checks holds(boolean condition, String field, String message, String accepted) {
        if (!condition) {
            add(field, message, accepted);
        }
        return this;
    }

    /** @throws BadInput if anything was wrong */
    public void done() {
        if (!problems.isEmpty()) {
            throw new BadInput(problems);
        }
    }

    /** Values are put into words only if they are wrong: set-ups are checked by the ten thousand in a search. */
    private Checks within(String field, double value, double least, double most, DoubleFunction<String> said) {
        if (value >= least && value <= most) {
            return this;
        }
        String accepted = said.apply(least) + " to " + said.apply(most);
        if (Double.isNaN(value)) {
            add(field, "is not a number", accepted);
        } else {
            add(field, said.apply(value) + (value < least ? " is too little" : " is too much"), accepted);
        }
        return this;
    }

    private void add(String field, String message, String accepted) {
        problems.add(new BadInput.Problem(field, message, accepted));
    }

    private static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e9
                ? Long.toString((long) value)
                : Double.toString(Math.round(value * 1000) / 1000.0);
    }
}
