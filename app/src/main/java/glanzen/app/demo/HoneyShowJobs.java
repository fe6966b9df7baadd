package glanzen.app.demo;

import glanzen.app.job.JobService;
import glanzen.app.setup.SavedSetUp;
import glanzen.app.setup.SetUpService;
import glanzen.plan.Job;
import glanzen.plan.JobPiece;
import glanzen.plan.Operation;
import glanzen.plan.Operation.Kind;
import java.util.List;
import java.util.stream.Stream;

/** What the show needs made. */
final class HoneyShowJobs {

    private final JobService jobs;
    private final SetUpService setUps;

    HoneyShowJobs(JobService jobs, SetUpService setUps) {
        this.jobs = jobs;
        this.setUps = setUps;
    }

    void lay() {
        jobs.keep(new Job(
                "Prize cards",
                36,
                List.of(
                        piece("Base, folded", "white-350", 148, 105, Kind.TRIM, Kind.ASSEMBLE),
                        piece("Comb ground", "honey-216", 100, 70, Kind.TONER_FOIL, Kind.CUT, Kind.ASSEMBLE),
                        foiled("Bee and word", "ivory-300", 105, 148, "Prize card, First", Kind.CUT, Kind.ASSEMBLE),
                        foiled("Rosette", "white-350", 70, 70, "Rosette panel", Kind.CUT, Kind.ASSEMBLE))));
        jobs.keep(new Job("Jar ribbons", 60, List.of(foiled("Ribbon", "ribbon-25", 260, 25, "Jar ribbon", Kind.TRIM))));
        jobs.keep(new Job(
                "Steward’s badges",
                12,
                List.of(
                        piece(
                                "Flocked bee",
                                "white-350",
                                60,
                                60,
                                Kind.GEL,
                                Kind.GEL_DRY,
                                Kind.FLOCK,
                                Kind.CUT,
                                Kind.ASSEMBLE),
                        piece("Backing", "slate-270", 76, 76, Kind.CUT, Kind.ASSEMBLE))));
        jobs.keep(new Job(
                "Table signs",
                6,
                List.of(
                        foiled("Sign", "slate-270", 152, 109, "Table sign", Kind.CUT, Kind.ASSEMBLE),
                        piece(
                                "Window",
                                "acetate-hot",
                                100,
                                40,
                                Kind.FILM_OFF_FRONT,
                                Kind.HOT_FOIL,
                                Kind.FILM_OFF_BACK,
                                Kind.TRIM,
                                Kind.ASSEMBLE))));
        jobs.keep(new Job(
                "Patron’s certificate",
                1,
                List.of(foiled("Certificate", "white-350", 148, 210, "Patron's certificate band", Kind.TRIM))));
        jobs.keep(new Job(
                "Drip cards, positive and negative",
                8,
                List.of(
                        piece(
                                "Positive",
                                "ivory-300",
                                105,
                                148,
                                Kind.INK,
                                Kind.DRY,
                                Kind.GEL,
                                Kind.GEL_DRY,
                                Kind.GEL_FOIL,
                                Kind.ASSEMBLE),
                        piece(
                                "Negative",
                                "slate-270",
                                105,
                                148,
                                Kind.GEL,
                                Kind.GEL_DRY,
                                Kind.GEL_FOIL,
                                Kind.ASSEMBLE))));
    }

    private static JobPiece piece(String name, String stock, double width, double height, Kind... kinds) {
        return new JobPiece(
                name,
                stock,
                1,
                width,
                height,
                Stream.of(kinds).map(Operation::of).toList());
    }

    private JobPiece foiled(String name, String stock, double width, double height, String setUp, Kind... then) {
        String id = setUps.all().stream()
                .filter(s -> s.name().equals(setUp))
                .map(SavedSetUp::id)
                .findFirst()
                .orElseThrow();
        List<Operation> operations = Stream.concat(
                        Stream.of(new Operation(Kind.HOT_FOIL, "", id)),
                        Stream.of(then).map(Operation::of))
                .toList();
        return new JobPiece(name, stock, 1, width, height, operations);
    }
}
