package glanzen.diagnosis;

import glanzen.learning.Fault;
import glanzen.route.Route;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Why a pull may have come out so (docs/how-it-computes.md, causes). */
public enum Cause {
    AS_SET("nothing is wrong with the set-up", "pulls scatter a little, and this is how they do", null),
    TOO_LITTLE("too little %s", "too little nearly everywhere, most where the design is widest", null),
    TOO_MUCH("too much %s", "all is there, and more than wanted nearly everywhere", Fault.HAZY),
    MIDDLE_GIVES(
            "the rollers give in the middle",
            "too little in the middle of the throat and enough at its sides",
            Fault.MIDDLE),
    ONE_SIDE("boards or tool are uneven", "one side across the throat is pressed less than the other", Fault.ONE_SIDE),
    HOT_PEEL("peeled too hot", "patches of wide ground went with the film, edges stayed", Fault.LIFTED),
    DUST("dust or a fingerprint under the film", "small, alone, round; the rest is even", Fault.SPECKS),
    SPENT("the film was used there before", "one bare shape with a sharp outline", Fault.SPENT),
    REVERSED("the film was the wrong way up, or nothing was pressed", "nothing at all has taken", Fault.NOTHING),
    MOVED("the plate moved between passes", "a second edge along the feed", Fault.GHOST),
    TEXTURE("the stock's texture", "many small bare places, evenly spread", Fault.MOTTLED),
    NOT_DRY("the gel was not dry", "squeezed past its stencil all round", Fault.BLOB),
    GEL_OLD("the gel was too old or too thin", "bare in clouds all over, whatever the pressure", Fault.PATCHY),
    CUT_FIRST("it was cut before it was foiled", "bare along its edges, where the blade dented the toner", null),
    MEDIUM_OVER("a medium lies over the foil", "all is covered, and dull", Fault.DULL),
    FILM_ON("a protective film was left on", "all is covered, and the sheet is cloudy", Fault.CLOUDY),
    BLADE("the blade is worn, or waste is stuck in it", "through all along but for a few nicks", Fault.NICKS),
    SHEETS(
            "too many sheets for the pressure",
            "the sheet next to the blade is through, the other is not",
            Fault.SECOND_SHEET),
    BOARD_WORN("the bottom plate is cut up", "its old cuts are printed into the sheet", Fault.WRINKLES),
    STIFF(
            "the stock is too stiff or dry for this depth",
            "cracked along the relief at a pressure that is usual",
            Fault.CRACKED);

    private static final String GIVEN = "heat, time or pressure";

    private final String label;
    private final String shows;
    private final @Nullable Fault sign;

    Cause(String label, String shows, @Nullable Fault sign) {
        this.label = label;
        this.shows = shows;
        this.sign = sign;
    }

    /** The causes that are there on a route: those without a sign of their own on all, the others where it can be seen. */
    public static List<Cause> on(Route route) {
        return Arrays.stream(values()).filter(c -> c.happens(route)).toList();
    }

    private boolean happens(Route route) {
        return switch (this) {
            case TOO_MUCH -> true;
            case CUT_FIRST -> Fault.HAZY.routes().contains(route);
            case HOT_PEEL -> warm(route) && Fault.LIFTED.routes().contains(route);
            case MEDIUM_OVER -> route.overMedium();
            case SHEETS -> route.mostSheets() > 1 && Fault.SECOND_SHEET.routes().contains(route);
            default -> sign == null || sign.routes().contains(route);
        };
    }

    private static boolean warm(Route route) {
        return route.heated() || route.rollersC() > 0;
    }

    /** What it is called, whatever the route. */
    public String label() {
        return label.formatted(GIVEN);
    }

    /** What it is called on a route. */
    public String label(Route route) {
        return dosed(label, route);
    }

    /** Words with what is given on a route put in where they ask for it. */
    static String dosed(String words, Route route) {
        return words.formatted(warm(route) ? GIVEN : "pressure");
    }

    /** What it looks like. */
    public String shows() {
        return shows;
    }

    /** What a person sees of it that nothing else shows so plainly; nothing where there is no such thing. */
    public Optional<Fault> sign() {
        return Optional.ofNullable(sign);
    }

    /** Whether a pull that it spoiled tells how much heat and pressure the rig gives. */
    public boolean doses() {
        return switch (this) {
            case AS_SET, TOO_LITTLE, TOO_MUCH -> true;
            case MIDDLE_GIVES,
                    ONE_SIDE,
                    HOT_PEEL,
                    DUST,
                    SPENT,
                    REVERSED,
                    MOVED,
                    TEXTURE,
                    NOT_DRY,
                    GEL_OLD,
                    CUT_FIRST,
                    MEDIUM_OVER,
                    FILM_ON,
                    BLADE,
                    SHEETS,
                    BOARD_WORN,
                    STIFF -> false;
        };
    }

    /** Strikes one pull and perhaps not the next, whatever is changed. */
    boolean chance() {
        return List.of(AS_SET, DUST, SPENT, REVERSED, HOT_PEEL).contains(this);
    }
}
