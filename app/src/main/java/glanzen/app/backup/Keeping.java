package glanzen.app.backup;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.IsoFields;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Which copies are kept: the last of each of so many days and weeks, and some of the others. */
final class Keeping {

    private static final int DAYS = 7;
    private static final int WEEKS = 8;
    private static final int OTHERS = 5;

    private Keeping() {}

    /** What is no longer kept of some copies. */
    static List<Backup> over(List<Backup> all) {
        List<Backup> youngestFirst =
                all.stream().sorted(Comparator.comparing(Backup::at).reversed()).toList();
        Set<Backup> kept = new HashSet<>();
        Set<LocalDate> days = new HashSet<>();
        Set<String> weeks = new HashSet<>();
        int before = 0;
        int asked = 0;
        for (Backup b : youngestFirst) {
            LocalDate day = b.at().atZone(ZoneOffset.UTC).toLocalDate();
            String week = day.get(IsoFields.WEEK_BASED_YEAR) + "-" + day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
            boolean keep = switch (b.kind()) {
                case DAILY -> lastOf(days, day, DAYS) | lastOf(weeks, week, WEEKS);
                case BEFORE -> ++before <= OTHERS;
                case ASKED -> ++asked <= OTHERS;
            };
            if (keep) {
                kept.add(b);
            }
        }
        return youngestFirst.stream().filter(b -> !kept.contains(b)).toList();
    }

    /** Whether it is the first seen, so the last made, of one of so many stretches of time. */
    private static <T> boolean lastOf(Set<T> seen, T stretch, int most) {
        return seen.size() < most && seen.add(stretch);
    }
}
