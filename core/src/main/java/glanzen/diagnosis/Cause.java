package glanzen.diagnosis;

import java.util.List;

/** Why a pull of foil or flock may have come out so (docs/how-it-computes.md, causes). */
public enum Cause {
    AS_SET("nothing is wrong with the set-up", "pulls scatter a little, and this is how they do"),
    TOO_LITTLE("too little heat, time or pressure", "bare nearly everywhere, most where the design is widest"),
    TOO_MUCH("too much heat, time or pressure", "full, and past the edge nearly everywhere"),
    MIDDLE_GIVES("the rollers give in the middle", "bare in the middle of the throat and full at its sides"),
    ONE_SIDE("boards or plate are uneven", "one side across the throat is pressed less than the other"),
    HOT_PEEL("peeled too hot", "patches of wide ground went with the film, edges stayed"),
    DUST("dust or a fingerprint under the foil", "small, alone, round; the rest is even"),
    SPENT("the foil was used there before", "one bare shape with a sharp outline"),
    REVERSED("foil the wrong way up, or never heated", "nothing at all has taken"),
    MOVED("the plate moved between passes", "a second edge along the feed"),
    TEXTURE("the stock's texture", "many small bare places, evenly spread");

    private final String label;
    private final String shows;

    Cause(String label, String shows) {
        this.label = label;
        this.shows = shows;
    }

    /** What it is called. */
    public String label() {
        return label;
    }

    /** What it looks like. */
    public String shows() {
        return shows;
    }

    /** Strikes one pull and perhaps not the next, whatever is changed. */
    boolean chance() {
        return List.of(AS_SET, DUST, SPENT, REVERSED, HOT_PEEL).contains(this);
    }
}
