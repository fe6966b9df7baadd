package glanzen.learning;

import static glanzen.learning.Fault.On.ACETATE;
import static glanzen.learning.Fault.On.ALL;
import static glanzen.learning.Fault.On.CUTS;
import static glanzen.learning.Fault.On.FILMS;
import static glanzen.learning.Fault.On.GEL;
import static glanzen.learning.Fault.On.PLATES;
import static glanzen.learning.Fault.On.RELIEF;
import static glanzen.learning.Fault.On.RIBBON;
import static glanzen.learning.Fault.On.TONER;
import static glanzen.learning.Fault.On.TOOLS;

import glanzen.material.BondingLayer;
import glanzen.route.Route;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;

/** What else can be seen on a pull, with its likely cause and what to do next. */
public enum Fault {
    MIDDLE(
            ALL,
            "too little in the middle only",
            "rollers give in the middle, or the plate is bowed",
            "a second pass a quarter turn round, a patch, or move it off the middle",
            true),
    ONE_SIDE(
            ALL,
            "too little on one side",
            "uneven boards, a worn plate or plate overhang",
            "turn the boards, or patch that side",
            true),
    MOTTLED(
            PLATES,
            "mottled solid",
            "stock texture, hot peel or short soak",
            "smooth stock, cold peel, more soak",
            false),
    LIFTED(FILMS, "film lifted while peeling", "peeled too hot", "lay it back, wait and peel again", false),
    COUNTERS(
            PLATES,
            "filled counters",
            "shim too thick or soft, soak too long, or an extra pass",
            "a thinner or harder shim",
            false),
    GHOST(
            PLATES,
            "ghost edge",
            "something moved or reversed, or a loose plate",
            "tape it, one pass, hold with both thumbs",
            true),
    ASKEW(
            PLATES,
            "words nudged askew",
            "several small plates loose, or the cover knocked them",
            "tape or trace them; foil only those needed",
            true),
    SPECKS(FILMS, "bare specks", "dust or a fingerprint", "brush both faces", false),
    SPENT(FILMS, "bare band or shape", "the film was already used there", "a fresh piece", true),
    NOTHING(
            FILMS,
            "nothing at all",
            "film reversed, timer never started, or the machine switched itself off",
            "check in that order",
            true),
    DULL(FILMS, "dull foil", "medium over the foil", "medium first, foil on top", false),
    HAZY(TONER, "hazy between the shapes", "too hot, or twice through", "a setting lower, once", false),
    BLOB(GEL, "squeezed to a blob", "the gel was not dry", "wait until it is clear", false),
    PATCHY(GEL, "patchy all over", "gel too old or too thin", "within the week; a thicker coat", false),
    CLOUDY(ACETATE, "clear sheet cloudy", "a protective film left on", "peel both films", false),
    WRONG_WAY(RIBBON, "words read the wrong way", "laid for the other end", "check reading direction first", false),
    NICKS(CUTS, "nicks left uncut", "blade worn, or waste stuck in it", "tap it out and brush it; metal shim", true),
    SECOND_SHEET(CUTS, "second sheet not cut", "too little pressure for two", "metal shim, or one sheet", true),
    CRACKED(
            RELIEF,
            "relief cracked",
            "too deep for the stock, across its grain, or dry card",
            "a shim less; damp it a little; other stock",
            false),
    FLATTENED(
            RELIEF,
            "foil flattened",
            "embossed over foil with too much",
            "foil after embossing, or a softer folder",
            false),
    WRINKLES(TOOLS, "wrinkles printed in", "a bottom plate that is cut up", "turn it, or take a fresh one", false);

    /** Where a fault can be seen. */
    enum On {
        ALL(r -> true),
        FILMS(r -> r.film().isPresent()),
        PLATES(r -> r.film().isPresent() && r.toolInStack()),
        TONER(r -> r.bonding().filter(b -> b == BondingLayer.TONER).isPresent()),
        GEL(r -> r.wantsGel()),
        ACETATE(r -> r == Route.ACETATE),
        RIBBON(r -> r == Route.RIBBON),
        CUTS(r -> r.mechanism().cuts()),
        RELIEF(r -> r.mechanism().embosses()),
        TOOLS(r -> r.film().isEmpty());

        private final Predicate<Route> routes;

        On(Predicate<Route> routes) {
            this.routes = routes;
        }
    }

    private final On on;
    private final String label;
    private final String cause;
    private final String next;
    private final boolean misleading;

    Fault(On on, String label, String cause, String next, boolean misleading) {
        this.on = on;
        this.label = label;
        this.cause = cause;
        this.next = next;
        this.misleading = misleading;
    }

    /** Routes on which it can be seen. */
    public List<Route> routes() {
        return Arrays.stream(Route.values()).filter(on.routes).toList();
    }

    /** What is seen. */
    public String label() {
        return label;
    }

    /** What likely caused it. */
    public String cause() {
        return cause;
    }

    /** What to do next. */
    public String next() {
        return next;
    }

    /** True where what came out says nothing about heat and pressure, so that nothing should be learned from it. */
    public boolean misleading() {
        return misleading;
    }
}
