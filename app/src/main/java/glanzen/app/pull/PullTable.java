package glanzen.app.pull;

import glanzen.learning.Fault;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/** The logbook as a table. */
final class PullTable {

    static final List<String> HEADER = List.of(
            "No.",
            "Logged",
            "Pull",
            "Route",
            "Machine",
            "Plate or tool",
            "Foil or flock",
            "Stock",
            "Came out",
            "How far off",
            "Coverage, 0 to 1",
            "Past the edge, mm",
            "Faults",
            "Note",
            "Forecast of 20: too little",
            "Forecast of 20: good",
            "Forecast of 20: too much",
            "Proven recipe");

    /** A time that spreadsheets can read; the reader's clock is this computer's. */
    private static final DateTimeFormatter LOGGED =
            DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm").withZone(ZoneId.systemDefault());

    private PullTable() {}

    static List<?> row(PullView p) {
        return Arrays.asList(
                p.number(),
                LOGGED.format(p.loggedAt()),
                p.title(),
                p.route().label(),
                p.press(),
                p.plate(),
                p.film(),
                p.stock(),
                p.outcome().label(p.route().standard()),
                p.amount() == null ? null : p.amount().label(),
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
