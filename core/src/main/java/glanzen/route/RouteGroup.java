package glanzen.route;

import glanzen.kit.Machine;

/** Routes as they are thought of at the bench: by what they need. */
public enum RouteGroup {
    PLATFORM("on a heated platform", "platform"),
    HOT_ROLLERS("through heated rollers", "hot rollers"),
    COLD_GEL("gel, cold in a press", "cold gel"),
    CUT("cut", "cut"),
    EMBOSS("emboss", "emboss");

    private final String label;
    private final String inShort;

    RouteGroup(String label, String inShort) {
        this.label = label;
        this.inShort = inShort;
    }

    /** The everyday name. */
    public String label() {
        return label;
    }

    /** A word for a narrow place. */
    public String inShort() {
        return inShort;
    }

    static RouteGroup of(RoutePlan plan) {
        return switch (plan.mechanism()) {
            case CUT -> CUT;
            case EMBOSS, CUT_AND_EMBOSS -> EMBOSS;
            case TRANSFER ->
                plan.has(LayerRole.PLATFORM)
                        ? PLATFORM
                        : plan.machines().contains(Machine.Kind.CRANK_PRESS) ? COLD_GEL : HOT_ROLLERS;
        };
    }
}
