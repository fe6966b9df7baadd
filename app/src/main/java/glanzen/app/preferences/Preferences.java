package glanzen.app.preferences;

import glanzen.advice.ErrorBias;
import glanzen.measure.Checks;
import glanzen.measure.LengthUnit;
import glanzen.measure.TemperatureUnit;
import glanzen.measure.WeightUnit;
import glanzen.plan.RulesOfThumb;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * How a person likes things shown and done.
 *
 * @param length mm or inches with fractions
 * @param temperature °C or °F
 * @param weight g/m² or one of the US weights
 * @param theme light, dark or as the system
 * @param sound soft, full or off
 * @param bias which fault they would rather have
 * @param roomC temperature of their room, °C
 * @param thumb what they use by the drop and by the strip
 * @param money the sign they write money with, such as £ or kr; none if nothing is said
 * @param textSize how large everything is written
 * @param notesRead names of the notes for newcomers that were read
 * @param version to be handed back with a change
 */
public record Preferences(
        LengthUnit length,
        TemperatureUnit temperature,
        WeightUnit weight,
        Theme theme,
        Sound sound,
        ErrorBias bias,
        double roomC,
        RulesOfThumb thumb,
        @Nullable String money,
        TextSize textSize,
        List<String> notesRead,
        long version) {

    private static final int MOST_NOTES = 100;
    private static final Pattern NOTE = Pattern.compile("[a-z.]{1,40}");

    /** Light or dark surfaces, or as the person's system has them. */
    public enum Theme {
        SYSTEM,
        LIGHT,
        DARK
    }

    /** How loud a cue is; a cue is never sound alone. */
    public enum Sound {
        OFF,
        SOFT,
        FULL
    }

    /** How large everything is written, on top of what the browser is set to. */
    public enum TextSize {
        NORMAL,
        LARGE,
        LARGEST
    }

    public Preferences {
        // Files of earlier workshops have neither.
        textSize = textSize == null ? TextSize.NORMAL : textSize;
        notesRead = notesRead == null ? List.of() : List.copyOf(notesRead);
        new Checks()
                .present("length", length, "a unit of length")
                .present("temperature", temperature, "a unit of temperature")
                .present("weight", weight, "a unit of weight")
                .present("theme", theme, "light, dark or as the system")
                .present("sound", sound, "off, soft or full")
                .present("bias", bias, "which fault is rather had")
                .celsius("roomC", roomC, 0, 40)
                .present("thumb", thumb, "rules of thumb")
                .holds(money == null || money.length() <= 8, "money", "is too long", "a sign of up to 8 letters")
                .holds(
                        notesRead.size() <= MOST_NOTES
                                && notesRead.stream()
                                        .allMatch(n -> NOTE.matcher(n).matches()),
                        "notesRead",
                        "holds what is no name of a note",
                        "up to " + MOST_NOTES + " names of small letters and dots")
                .done();
    }

    /** The same without its version. */
    public Preferences unnumbered() {
        return new Preferences(
                length, temperature, weight, theme, sound, bias, roomC, thumb, money, textSize, notesRead, 0);
    }
}
