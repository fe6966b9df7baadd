package glanzen.app.reading;

import glanzen.app.pull.LogRead;
import glanzen.app.reading.ReadingView.ReadLog;
import glanzen.diagnosis.Signs;
import glanzen.inspect.Measures;
import glanzen.learning.Fault;
import glanzen.learning.Observation;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.pull.PullOutcome;
import glanzen.route.Standard;
import java.util.ArrayList;
import java.util.List;

/** What the logbook would be told of a reading: in a word, and in figures with their give. */
record LogSeen(PullOutcome outcome, Standard standard, Measures measures) {

    private static final int WIDEST_MM = 5;

    static LogSeen of(Measures m, Standard standard) {
        double coverage = m.coverage().value();
        double spill = Math.min(WIDEST_MM, m.spillMm().value());
        return new LogSeen(
                new PullOutcome(1, coverage, spill, 0, standard.under(coverage), standard.over(spill)), standard, m);
    }

    private double spillGiveMm() {
        return Math.min(1, measures.spillMm().give());
    }

    Observation observation() {
        return Observation.roughly(Outcome.of(outcome), Amount.of(outcome, standard), standard)
                .read(outcome.coverage(), measures.coverage().give(), outcome.spillMm(), spillGiveMm());
    }

    ReadLog log(LogRead kept) {
        List<Fault> faults = new ArrayList<>();
        if (measures.ghosted()) {
            faults.add(Fault.GHOST);
        }
        if (outcome.coverage() < Signs.NOTHING) {
            faults.add(Fault.NOTHING);
        }
        return new ReadLog(
                Outcome.of(outcome),
                Amount.of(outcome, standard),
                outcome.coverage(),
                measures.coverage().give(),
                outcome.spillMm(),
                spillGiveMm(),
                faults,
                kept);
    }
}
