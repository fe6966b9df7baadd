package glanzen.training;

import glanzen.kit.Board;
import glanzen.measure.Figures;
import java.util.List;

/** What to do when something happens at the bench, with its reason: safety first, then the pull. */
public enum BenchMove {
    LIGHT_OUT(
            "In the middle of a soak the platform's light goes out.",
            "Switch it off and on again, wait until it is ready, and start the soak again",
            "Platforms switch themselves off after a while. What has cooled since nobody knows, so the soak counts for nothing",
            "Go on: it is still hot enough",
            "Press at once, before it gets colder",
            "Soak half as long again from here"),
    STALLS(
            "Half-way through, the press stops and the handle will not turn.",
            "Turn it back out and take the thickest shim out",
            "A stack that the press won't take is too thick. Forcing it bends rollers and breaks gears",
            "Lean on the handle until it gives",
            "Leave it in until it has cooled and is thinner",
            "Open the press with a screwdriver"),
    DOOR_RINGS(
            "The platform is hot, the plate lies on it, and the door rings.",
            "Put the platform in its dock and switch it off before you go",
            "It is never left heating alone; in its dock it is out of reach. The pull can be begun again",
            "Let it soak on: the door takes a minute",
            "Take the stack off and leave the platform on the bench",
            "Cover it with a board and go"),
    CHILD(
            "A child wants to help, and the platform is hot.",
            "Hot things are yours alone; the child may brush, trim and peel what is cold",
            "Platform, plates and rollers burn. Children and pets stay away from what is hot",
            "Let it hold the foil down on the plate with a finger",
            "Let it turn the platform over, slowly",
            "Lend it an oven glove"),
    SCORCH(
            "It smells scorched, and the cord of the dock is warm.",
            "Pull the plug, and ask somebody qualified before it is used again",
            "Mains faults and scorch smells are for qualified people; a pull is not worth a fire",
            "Finish this pull, then look",
            "Wrap the cord in tape",
            "Use a lower level from now on"),
    UNKNOWN_CLEAR(
            "A clear sheet without a name is to be foiled hot.",
            "Leave it: only what is rated for heat goes on a platform",
            "Unknown plastics can melt onto the plate, or give off fumes",
            "Try it at the lowest level",
            "Try it with the window open",
            "Put parchment under it"),
    SPRAY(
            "Cards are to be mounted with spray adhesive, and it rains.",
            "Use another glue, or wait: spray is for outdoors or strong ventilation",
            "What hangs in the air of a room is breathed and settles on foil",
            "Spray in the corner of the room",
            "Spray close to the platform, so that it dries",
            "Spray only half of it"),
    PEEL_LIFTS(
            "You begin to peel, and foil comes away with the film.",
            "Lay the film back, wait until it is cool, and peel again slowly",
            "Peeled too hot, the foil still holds to its film. Cool, it stays on the card",
            "Peel faster, to have it over",
            "Throw the piece away",
            "Press it once more at once"),
    NOTHING_CAME(
            "You peel, and nothing at all has come out.",
            "Look first which way the foil lay, then whether the light was on, then whether the timer ran",
            "In that order: the commonest first. More shims would only hide it",
            "Add a shim and pull again",
            "Soak twice as long",
            "Take another press"),
    METAL_OUT(
            "To press harder, a metal shim is to go on the very top of the stack.",
            "Not there: it goes inside; rollers touch outer plates, platform or plastic only",
            "Metal against rollers scores them and slips",
            "On top is best: it is next to the roller",
            "Two of them, so that it lies flat",
            "Only on the way in"),
    STILL_WHITE(
            "Gel was spread three hours ago and is white in one corner.",
            "Wait until it is clear all over",
            "White gel is wet: under pressure it squeezes past its stencil",
            "Press now, gently",
            "Dry that corner on the platform",
            "Turn that corner to the back"),
    BOWED(
            "An outer plate stands off the bench by " + Figures.length(Board.TURN_AT_MM + 1) + " in its middle.",
            "Turn it over and let the bow work against itself; from " + Figures.length(Board.REFUSED_AT_MM)
                    + " on it is done",
            "Bowed plates press unevenly, and badly bowed ones can damage a press",
            "Bend it straight over the edge of the bench",
            "Use it only on top",
            "Warm it on the platform");

    private final String happens;
    private final String right;
    private final String why;
    private final List<String> wrong;

    BenchMove(String happens, String right, String why, String... wrong) {
        this.happens = happens;
        this.right = right;
        this.why = why;
        this.wrong = List.of(wrong);
    }

    String happens() {
        return happens;
    }

    String right() {
        return right;
    }

    String why() {
        return why;
    }

    List<String> wrong() {
        return wrong;
    }
}
