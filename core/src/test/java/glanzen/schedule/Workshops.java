package glanzen.schedule;

import glanzen.schedule.Task.After;
import glanzen.schedule.Task.Hot;
import glanzen.schedule.Task.On;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/** Workshops nobody thought of, for schedules to be tried on. */
public final class Workshops {

    private static final int MINUTE = 60;
    private static final int HOUR = 3600;

    private Workshops() {}

    /** A platform that takes six or eight minutes, and rollers that take five. */
    public static final List<Heater> HEATERS = List.of(
            new Heater("platform", List.of(360, 480), List.of(List.of(0, 180), List.of(600, 0)), 40, 25 * MINUTE),
            new Heater("rollers", List.of(300), List.of(List.of(0)), 0, 15 * MINUTE));

    /** So many tasks on two presses, a platform and rollers, over evenings that hold all of them or nearly. */
    public static Workload any(int tasks, long seed) {
        Random luck = new Random(seed);
        List<Task> all = new ArrayList<>();
        Map<String, Integer> due = new HashMap<>();
        int sum = 0;
        for (int n = 0; n < tasks; n++) {
            String job = "job " + n / 6;
            int seconds = MINUTE * (2 + luck.nextInt(18));
            sum += seconds;
            List<After> after = new ArrayList<>();
            if (n % 6 > 0) {
                int wait = luck.nextInt(5) == 0 ? MINUTE * luck.nextInt(90) : 0;
                after.add(new After("task " + (n - 1 - luck.nextInt(n % 6)), wait, After.ANY_TIME));
            }
            all.add(new Task(
                    "task " + n, job, seconds, on(luck), hot(luck), after, luck.nextInt(5) == 0, luck.nextInt(9) == 0));
            due.put(job, luck.nextBoolean() ? After.ANY_TIME : HOUR * (24 + luck.nextInt(120)));
        }
        int people = luck.nextInt(3) == 0 ? 2 : 1;
        List<Hours> hours = hours(sum, people, luck);
        return new Workload(all, HEATERS, hours, people, due, quiet(hours, luck), Map.of());
    }

    private static @Nullable On on(Random luck) {
        return switch (luck.nextInt(4)) {
            case 0 -> new On("crank press", "boards " + luck.nextInt(2), 30);
            case 1 -> new On("motor press", "boards " + luck.nextInt(3), 60);
            default -> null;
        };
    }

    private static @Nullable Hot hot(Random luck) {
        return switch (luck.nextInt(5)) {
            case 0, 1 -> new Hot("platform", luck.nextInt(2), "plate " + luck.nextInt(3));
            case 2 -> new Hot("rollers", 0, "");
            default -> null;
        };
    }

    /** Evenings of two to three hours, a day apart, somewhat more than the work. */
    private static List<Hours> hours(int sum, int people, Random luck) {
        List<Hours> all = new ArrayList<>();
        double wanted = sum * (0.9 + 0.6 * luck.nextDouble()) / people + 1200;
        for (int day = 0; wanted > 0; day++) {
            int from = 24 * HOUR * day + MINUTE * luck.nextInt(60);
            int length = 2 * HOUR + MINUTE * luck.nextInt(60);
            all.add(new Hours(from, from + length));
            wanted -= length;
        }
        return all;
    }

    /** Some evenings are quiet from an hour before their end. */
    private static List<Hours> quiet(List<Hours> hours, Random luck) {
        return hours.stream()
                .filter(h -> luck.nextInt(3) == 0)
                .map(h -> new Hours(h.to() - HOUR, h.to() + HOUR))
                .toList();
    }

    /** A few tasks, small enough that every order of them can be tried. */
    public static Workload small(long seed) {
        Random luck = new Random(seed);
        Workload any = any(2 + luck.nextInt(5), seed);
        return new Workload(
                any.tasks(),
                any.heaters(),
                List.of(new Hours(0, 6 * HOUR)),
                any.people(),
                Map.of(),
                List.of(),
                Map.of());
    }
}
