package glanzen.steps;

import glanzen.kit.Film;
import glanzen.kit.Plate;
import glanzen.measure.Figures;
import glanzen.route.Mechanism;
import glanzen.route.Medium;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.steps.Step.Kind;
import java.util.ArrayList;
import java.util.List;

/** Instructions for what a press does cold: gel, cutting, embossing. */
final class PressSteps {

    private static final String CUTS = "Dies are sharp: fingers off their edges; knife and picks away from the hand.";

    private PressSteps() {}

    static List<Step> of(SetUp s) {
        List<Step> steps = new ArrayList<>();
        steps.add(Step.of(Kind.PREPARE, "Get everything ready", "Tick off the list; look at the plates for wear.", 0));
        steps.add(new Step(
                Kind.LAY,
                lay(s),
                RunSheet.shims(s) + ", as the drawing shows.",
                0,
                List.of(),
                s.route().mechanism().cuts() ? List.of(CUTS) : List.of()));
        double seconds = s.passSeconds();
        for (int pass = 1; pass <= s.passes(); pass++) {
            if (pass > 1 && s.turned()) {
                steps.add(Step.of(
                        Kind.TURN,
                        "Turn the whole stack a quarter",
                        "The sides press hardest: now they press where the ends were. Nothing must slip.",
                        0));
            }
            steps.add(new Step(
                    Kind.PASS,
                    pass > 1 && s.turned() ? "Once more, turned" : RunSheet.pass(s, pass),
                    "About " + Figures.duration(Math.ceil(seconds)) + " for its length"
                            + (s.route().mechanism().cuts() ? "; it may creak." : "."),
                    seconds,
                    List.of(),
                    List.of(RunSheet.ROLLERS)));
        }
        s.route().film().ifPresent(film -> steps.add(peel(film)));
        steps.add(Step.of(Kind.LOOK, look(s), "Then log it, good or bad.", 0));
        return steps;
    }

    private static Step peel(Film.Kind film) {
        return film == Film.Kind.FLOCK
                ? Step.of(
                        Kind.PEEL,
                        "Peel the flock sheet off slowly",
                        "Mount what is left of it on card: the negative makes a second card.",
                        0)
                : Step.of(
                        Kind.PEEL,
                        "Peel the foil off slowly",
                        "If foil lifts, lay it back and pass again. Keep the negative: it is good for toner or gel.",
                        0);
    }

    private static String lay(SetUp s) {
        if (s.route().wantsGel()) {
            return s.film().kind() == Film.Kind.FLOCK
                    ? "Gel panel up into folded paper, flock on it, fuzzy face down; outer plates around"
                    : "Gel panel up on the plate, foil on it colour up; plate on top";
        }
        if (s.medium() == Medium.ON_PLATE) {
            return "Ink the relief thinly; stock on it, good side down, and lift it off straight afterwards";
        }
        Plate tool = s.plate();
        if (tool.kind().folder()) {
            return "Stock into the folder, hinge first towards the rollers; of a folded card only the front goes in, its back "
                    + "stays out; plates around it";
        }
        if (s.route().mechanism() == Mechanism.CUT) {
            int die = s.stack().indexOf(Plate.class);
            return s.stack().layers().get(die).facing() == Facing.UP
                    ? "Die edge up, stock face down on it"
                    : "Stock on the plate, die on it edge down where you want it";
        }
        return "Tool and stock as drawn, nothing between them";
    }

    private static String look(SetUp s) {
        return switch (s.route().mechanism()) {
            case TRANSFER -> "Look at the pull: edges, middle, bare spots";
            case CUT ->
                "Lift a corner: is it through, in the middle too? If not, lay it back in the same place and pass again";
            case EMBOSS -> "Look at it in raking light: depth, cracks along the edges";
            case CUT_AND_EMBOSS -> "Is it through all round, and deep enough?";
        };
    }
}
