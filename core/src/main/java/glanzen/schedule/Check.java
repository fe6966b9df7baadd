package glanzen.schedule;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Holds a plan against everything it must keep to, second by second where that is simplest; it shares no sum with what makes plans. */
public final class Check {

    private final Workload work;
    private final Map<String, Integer> starts;
    private final List<String> wrong = new ArrayList<>();

    private Check(Workload work, Schedule schedule) {
        this.work = work;
        this.starts = schedule.starts();
    }

    /** What is wrong with a plan; nothing if it can be kept. */
    public static List<String> of(Workload work, Schedule schedule) {
        Check check = new Check(work, schedule);
        for (Task task : work.tasks()) {
            if (check.starts.containsKey(task.id())) {
                check.hours(task);
                check.waits(task);
                check.together(task);
            }
        }
        work.heaters().forEach(check::heat);
        check.boards();
        return check.wrong;
    }

    private void hours(Task t) {
        int from = starts.get(t.id());
        int to = from + t.seconds();
        if (work.hours().stream().noneMatch(h -> h.from() <= from && to <= h.to())) {
            wrong.add(t.id() + " is done when nobody is there");
        }
        if (t.loud() && work.quiet().stream().anyMatch(q -> from < q.to() && q.from() < to)) {
            wrong.add(t.id() + " is heard in quiet hours");
        }
        Integer fixed = work.fixed().get(t.id());
        if (fixed != null && fixed != from) {
            wrong.add(t.id() + " does not begin when it was said to");
        }
    }

    private void waits(Task t) {
        int begins = starts.get(t.id());
        if (begins < t.notBefore() || begins > t.notAfter()) {
            wrong.add(t.id() + " does not wait as long as it must, or waits too long");
        }
        for (Task.After a : t.after()) {
            Task before = work.byId().get(a.task());
            if (before == null) {
                continue;
            }
            Integer began = starts.get(a.task());
            if (began == null) {
                wrong.add(t.id() + " is planned without " + a.task());
                continue;
            }
            int gap = starts.get(t.id()) - began - before.seconds();
            if (gap < a.leastSeconds() || gap > a.mostSeconds()) {
                wrong.add(t.id() + " begins " + gap + " s after " + a.task());
            }
        }
    }

    private void together(Task t) {
        int at = starts.get(t.id());
        int hands = 0;
        for (Task o : work.tasks()) {
            Integer from = starts.get(o.id());
            if (from == null || from > at || from + o.seconds() <= at) {
                continue;
            }
            hands++;
        }
        if (hands > work.people()) {
            wrong.add(hands + " pairs of hands are wanted when " + t.id() + " begins");
        }
    }

    /** Of each machine one thing after another, with time to lay other boards. */
    private void boards() {
        Map<String, Task> last = new HashMap<>();
        Map<String, Integer> free = new HashMap<>();
        work.lately().machines().forEach((machine, l) -> {
            last.put(machine, l.task());
            free.put(machine, l.end());
        });
        List<Task> all = new ArrayList<>(work.tasks());
        all.removeIf(t -> t.on() == null || !starts.containsKey(t.id()));
        all.sort((a, b) -> Integer.compare(starts.get(a.id()), starts.get(b.id())));
        for (Task t : all) {
            Task.On on = t.on();
            Task before = last.put(on.machine(), t);
            if (before != null && before.on() != null) {
                int gap = starts.get(t.id()) - free.get(on.machine());
                boolean same = before.on().boards().equals(on.boards());
                if (gap < (same ? 0 : on.layingSeconds())) {
                    wrong.add(t.id() + " goes through " + on.machine() + " too soon after " + before.id());
                }
            }
            free.put(on.machine(), starts.get(t.id()) + t.seconds());
        }
    }

    private void heat(Heater heater) {
        List<Task> on = work.tasks().stream()
                .filter(t -> t.hot() != null && t.hot().heater().equals(heater.id()) && starts.containsKey(t.id()))
                .sorted((a, b) -> Integer.compare(starts.get(a.id()), starts.get(b.id())))
                .toList();
        Lately.@Nullable Last lately = work.lately().heaters().get(heater.id());
        @Nullable Task before = lately == null ? null : lately.task();
        int over = lately == null ? 0 : lately.end();
        boolean first = lately != null;
        for (Task t : on) {
            Task.Hot hot = t.hot();
            if (hot == null) {
                continue;
            }
            int from = starts.get(t.id());
            int warm = heater.warmUpSeconds().get(hot.setting());
            int gap = before == null ? Integer.MAX_VALUE : from - over;
            boolean fromCold =
                    gap >= warm && work.hours().stream().anyMatch(h -> h.from() <= from - warm && from <= h.to());
            boolean watched = first ? work.first(from + t.seconds()) : before != null && watched(before, t);
            boolean fromHot = before != null && gap <= heater.offSeconds() && watched;
            if (gap < least(heater, before, hot) || !fromCold && !fromHot) {
                wrong.add(t.id() + " is begun before " + heater.id() + " is hot");
            }
            before = t;
            over = from + t.seconds();
            first = false;
        }
    }

    private static int least(Heater heater, @Nullable Task before, Task.Hot hot) {
        if (before == null || before.hot() == null) {
            return 0;
        }
        return before.hot().setting() == hot.setting()
                ? before.hot().tool().equals(hot.tool()) ? 0 : heater.swapSeconds()
                : heater.changeSeconds().get(before.hot().setting()).get(hot.setting());
    }

    private boolean watched(Task before, Task t) {
        int began = starts.get(before.id());
        int over = starts.get(t.id()) + t.seconds();
        return work.hours().stream().anyMatch(h -> h.from() <= began && over <= h.to());
    }
}
