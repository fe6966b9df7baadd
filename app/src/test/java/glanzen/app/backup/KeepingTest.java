package glanzen.app.backup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.backup.Backup.Kind;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Seven days, eight weeks, and some of what was made for a reason. */
class KeepingTest {

    private static Backup made(int hour, Kind kind) {
        Instant at = Instant.parse("2026-01-05T08:00:00Z").plus(hour, ChronoUnit.HOURS);
        return new Backup(at + "-" + kind, at, kind, 1);
    }

    private static List<Backup> kept(List<Backup> all) {
        List<Backup> kept = new ArrayList<>(all);
        kept.removeAll(Keeping.over(all));
        return kept;
    }

    @Test
    void oneADayForAWeekAndOneAWeekForTwoMonths() {
        List<Backup> all = new ArrayList<>();
        for (int day = 0; day < 120; day++) {
            all.add(made(24 * day, Kind.DAILY));
            all = new ArrayList<>(kept(all));
        }
        Set<Backup> lastWeek = new HashSet<>();
        for (int day = 113; day < 120; day++) {
            lastWeek.add(made(24 * day, Kind.DAILY));
        }
        assertTrue(all.containsAll(lastWeek));
        // The last of each of eight weeks, of which one or two are among the last seven days.
        assertTrue(all.size() >= 13 && all.size() <= 14, all.size() + "");
        assertTrue(all.stream()
                .anyMatch(b -> b.at().isBefore(made(24 * 80, Kind.DAILY).at())));
    }

    @Test
    void whatWasMadeForAReasonStaysFiveTimes() {
        List<Backup> all = new ArrayList<>();
        for (int n = 0; n < 9; n++) {
            all.add(made(n, Kind.BEFORE));
            all.add(made(n, Kind.ASKED));
        }
        assertEquals(10, kept(all).size());
        assertTrue(kept(all).contains(made(8, Kind.BEFORE)));
        assertEquals(List.of(), Keeping.over(List.of()));
    }
}
