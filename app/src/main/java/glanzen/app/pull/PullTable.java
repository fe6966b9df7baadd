package glanzen.app.pull;

import glanzen.learning.Fault;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/** The logbook as a table. */
final class PullTable {

    static final List<String> HEADER = List.of(
            "number",
            "logged",
            "what",
            "route",
            "machine",
            "plate",
            "film",
            "stock",
            "outcome",
            "amount",
            "coverage",
            "spillMm",
            "faults",
            "note",
            "expectedUnder",
            "expectedClean",
            "expectedOver",
            "recipe");

    private PullTable() {}

    static List<?> row(PullView p) {
        return Arrays.asList(
                p.number(),
                p.loggedAt(),
                p.title(),
                p.route(),
                p.press(),
                p.plate(),
                p.film(),
                p.stock(),
                p.outcome(),
                p.amount(),
                p.coverage(),
                p.spillMm(),
                p.faults().stream().map(Fault::label).collect(Collectors.joining("; ")),
                p.note(),
                p.expectedUnder(),
                p.expectedClean(),
                p.expectedOver(),
                p.proven() ? "yes" : "");
    }
}
