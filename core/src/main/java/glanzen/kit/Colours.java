package glanzen.kit;

import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Colours as #rrggbb. */
final class Colours {

    static final String ACCEPTED = "six hexadecimal digits after #, such as #b87333";

    private static final Pattern HEX = Pattern.compile("#[0-9a-fA-F]{6}");

    private Colours() {}

    static boolean valid(@Nullable String colour) {
        return colour != null && HEX.matcher(colour).matches();
    }
}
