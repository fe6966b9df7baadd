package glanzen.app.demo;

import glanzen.app.job.JobService;
import glanzen.app.setup.SavedSetUp;
import glanzen.app.setup.SetUpService;
import glanzen.plan.Job;
import glanzen.plan.JobPiece;
import glanzen.plan.Operation;
import glanzen.plan.Operation.Kind;
import java.util.ArrayList;
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
                        piece("Base, folded", "white-350", 148, 105)
                                .with(Kind.EMBOSS, "Prize card base, embossed")
                                .then(Kind.TRIM, Kind.FOLD, Kind.ASSEMBLE),
                        piece("Comb ground", "toner-comb", 136, 93)
                                .with(Kind.TONER_FOIL, "Comb ground in toner")
                                .then(Kind.TRIM, Kind.ASSEMBLE),
                        piece("Bee and word", "ivory-300", 76, 88)
                                .with(Kind.HOT_FOIL, "Prize card, First")
                                .then(Kind.TRIM, Kind.ASSEMBLE),
                        piece("Rosette", "white-350", 60, 60)
                                .with(Kind.HOT_FOIL, "Rosette panel")
                                .with(Kind.CUT, "Rosette, cut")
                                .then(Kind.ASSEMBLE)),
                HoneyShowCards.prize()));
        jobs.keep(new Job(
                "Jar ribbons",
                60,
                List.of(piece("Ribbon", "ribbon-25", 260, 25)
                        .with(Kind.HOT_FOIL, "Jar ribbon")
                        .then(Kind.TRIM)),
                HoneyShowCards.ribbon()));
        jobs.keep(new Job(
                "Steward’s badges",
                12,
                List.of(
                        piece("Flocked bee", "white-350", 60, 60)
                                .first(Kind.GEL, Kind.GEL_DRY)
                                .with(Kind.FLOCK, "Steward’s badge, flock")
                                .with(Kind.CUT, "Steward’s badge, cut")
                                .then(Kind.ASSEMBLE),
                        piece("Backing", "slate-270", 76, 76)
                                .with(Kind.CUT, "Steward’s badge backing")
                                .then(Kind.ASSEMBLE)),
                HoneyShowCards.badge()));
        jobs.keep(new Job(
                "Stall signs",
                6,
                List.of(
                        piece("Sign", "slate-270", 152, 54)
                                .with(Kind.HOT_FOIL, "Stall sign")
                                .then(Kind.TRIM, Kind.ASSEMBLE),
                        piece("Window panel", "slate-270", 152, 106)
                                .with(Kind.CUT, "Stall sign window, cut")
                                .then(Kind.ASSEMBLE),
                        piece("Window", "acetate-hot", 93, 82)
                                .first(Kind.FILM_OFF_FRONT)
                                .with(Kind.HOT_FOIL, "Stall sign window")
                                .then(Kind.FILM_OFF_BACK, Kind.TRIM, Kind.ASSEMBLE)),
                HoneyShowCards.sign()));
        jobs.keep(new Job(
                "Patron’s certificate",
                1,
                List.of(piece("Certificate", "white-350", 148, 210)
                        .with(Kind.HOT_FOIL, "Patron's certificate band")
                        .then(Kind.TRIM)),
                HoneyShowCards.certificate()));
        jobs.keep(new Job(
                "Drip cards, positive and negative",
                8,
                List.of(
                        piece("Positive", "ivory-300", 105, 148)
                                .first(Kind.INK, Kind.DRY, Kind.GEL, Kind.GEL_DRY)
                                .with(Kind.GEL_FOIL, "Drip card, positive")
                                .then(Kind.ASSEMBLE),
                        piece("Negative", "slate-270", 105, 148)
                                .first(Kind.GEL, Kind.GEL_DRY)
                                .with(Kind.GEL_FOIL, "Drip card, negative")
                                .with(Kind.CUT, "Drop opening, cut")
                                .then(Kind.ASSEMBLE),
                        piece("Drop of honey", "honey-216", 50, 44)
                                .with(Kind.CUT, "Drop of honey, cut")
                                .then(Kind.ASSEMBLE)),
                HoneyShowCards.drip()));
    }

    private Making piece(String name, String stock, double width, double height) {
        return new Making(name, stock, width, height);
    }

    /** A piece in the making: its operations, one after another. */
    private final class Making {
        private final JobPiece bare;
        private final List<Operation> operations = new ArrayList<>();

        Making(String name, String stock, double width, double height) {
            bare = new JobPiece(name, stock, 1, width, height, List.of());
        }

        /** An operation with its set-up. */
        Making with(Kind kind, String setUp) {
            operations.add(new Operation(kind, "", id(setUp)));
            return this;
        }

        /** Operations that need none. */
        Making first(Kind... kinds) {
            Stream.of(kinds).map(Operation::of).forEach(operations::add);
            return this;
        }

        /** Operations that need none, and the piece is made. */
        JobPiece then(Kind... kinds) {
            return first(kinds).bare.doing(operations);
        }
    }

    private String id(String setUp) {
        return setUps.all().stream()
                .filter(s -> s.name().equals(setUp))
                .map(SavedSetUp::id)
                .findFirst()
                .orElseThrow();
    }
}
