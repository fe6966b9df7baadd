package glanzen.evening;

import glanzen.kit.Board;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.schedule.Task;
import glanzen.schedule.Task.After;
import glanzen.schedule.Task.Hot;
import glanzen.schedule.Task.On;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.steps.Cycle.Side;
import glanzen.steps.Hands;
import glanzen.steps.Round;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Work in stretches nobody minds standing for: each becomes a task, and the same in words. */
final class Stretches {

    /** Nobody wants longer stretches, s. */
    static final double STRETCH_SECONDS = 20 * 60;

    private final Times times;
    private final List<Task> tasks = new ArrayList<>();
    private final Map<String, Block> blocks = new HashMap<>();
    /** What heats, by its key, as some set-up uses it. */
    private final Map<String, SetUp> heating = new LinkedHashMap<>();

    Stretches(Times times) {
        this.times = times;
    }

    /** The round of a set-up. */
    Round round(SetUp setUp, boolean trimmed) {
        return Round.of(setUp, trimmed, times.known());
    }

    List<Task> tasks() {
        return List.copyOf(tasks);
    }

    Map<String, Block> blocks() {
        return Map.copyOf(blocks);
    }

    Collection<SetUp> heating() {
        return heating.values();
    }

    /**
     * A stretch that was made, and up to which piece it reaches.
     *
     * @param task its key; empty for what was done before all this
     * @param upTo up to which piece
     * @param notBefore what follows begins no earlier, s
     * @param notAfter what follows begins no later, s
     */
    record Made(String task, int upTo, int notBefore, int notAfter) {

        Made(String task, int upTo) {
            this(task, upTo, 0, After.ANY_TIME);
        }

        boolean over() {
            return task.isEmpty();
        }

        static Optional<Made> last(List<Made> made) {
            return made.stream().reduce((a, b) -> b);
        }

        /** The first that reaches as far as some piece; the last if none does. */
        static Optional<Made> reaching(List<Made> made, int upTo) {
            return made.stream().filter(m -> m.upTo >= upTo).findFirst().or(() -> last(made));
        }
    }

    /**
     * What must be over, piece by piece.
     *
     * @param made stretches of it
     * @param done how many pieces were further before
     * @param least how long after it at the earliest, s
     * @param most how long after it at the latest, s
     */
    record Before(List<Made> made, int done, int least, int most) {}

    /** One kind of stretches of a job. */
    record Sort(
            Wanted wanted,
            String title,
            @Nullable String setUpId,
            @Nullable SetUp setUp,
            @Nullable Round round,
            int settingSeconds,
            double eachSeconds,
            List<String> ready,
            Together.@Nullable Lay lay) {

        /** Each of so many, s. */
        double eachSeconds(int count) {
            return round == null ? eachSeconds : round.seconds(count);
        }

        /** By hand, with nothing to be set before. */
        static Sort byHand(Wanted wanted, String title, double eachSeconds) {
            return byHand(wanted, title, 0, eachSeconds);
        }

        /** @param settingSeconds what it takes before the first and after the last, however many there are, s */
        static Sort byHand(Wanted wanted, String title, int settingSeconds, double eachSeconds) {
            return new Sort(wanted, title, null, null, null, settingSeconds, eachSeconds, List.of(), null);
        }

        /** With a set-up: loose plates are set and squared once. */
        static Sort with(
                Wanted wanted,
                String title,
                @Nullable String setUpId,
                SetUp setUp,
                Round round,
                List<String> ready,
                Together.@Nullable Lay lay) {
            boolean loose = setUp.platform().isPresent() && !Round.taped(setUp);
            int setting = loose ? Hands.SET_LOOSE.seconds() * setUp.plates().size() : 0;
            return new Sort(wanted, title, setUpId, setUp, round, setting, round.seconds(), ready, lay);
        }

        String pace() {
            return setUpId != null ? setUpId : title.replaceAll(", .*", "");
        }
    }

    /** What has never come out is tried first, with nothing at stake. */
    List<Made> scrap(Sort sort) {
        if (sort.setUp == null || sort.wanted.proven().contains(sort.setUpId)) {
            return List.of();
        }
        int seconds = (int) Math.ceil(Objects.requireNonNull(sort.round).seconds(1));
        return List.of(new Made(add(sort, "Try on scrap: " + sort.title, 1, seconds, new Waits(), true), 0));
    }

    /** Foil is cut before, where hands have no time for it in a round. */
    List<Made> foil(Sort sort, int count) {
        if (sort.setUp == null || sort.setUp.route().film().isEmpty()) {
            return List.of();
        }
        Side foil = Round.foil(sort.setUp);
        if (Objects.requireNonNull(sort.round).cycle().meanwhile().contains(foil)) {
            return List.of();
        }
        Sort cut = Sort.byHand(sort.wanted, "cut foil for: " + sort.title, foil.seconds());
        return of(cut, count, List.of(), List.of());
    }

    /**
     * So many of a sort.
     *
     * @param before what must be over piece by piece
     * @param first what must be over before any
     */
    List<Made> of(Sort sort, int count, List<Before> before, List<Made> first) {
        int setting = sort.settingSeconds;
        double each = sort.eachSeconds(count);
        double own = each * times.pace().factor(sort.pace());
        int parts = parts(count, Math.max(1, (int) ((STRETCH_SECONDS - setting) / own)));
        List<Made> made = new ArrayList<>();
        for (int n = 0; n < parts; n++) {
            int from = count * n / parts;
            int to = count * (n + 1) / parts;
            Waits waits = new Waits();
            before.forEach(b -> waits.forAll(b, to));
            Made.last(made).ifPresent(m -> waits.after.add(After.of(m.task)));
            first.stream().filter(m -> !m.over()).forEach(m -> waits.after.add(After.of(m.task)));
            int seconds = (int) Math.ceil(setting + (to - from) * each);
            made.add(new Made(add(sort, sort.title, to - from, seconds, waits, false), to));
        }
        return made;
    }

    /** How much longer the person takes for a sort than hands usually do. */
    double factor(Sort sort) {
        return times.pace().factor(sort.pace());
    }

    /** All of a sort in one stretch; {@code eachSeconds} of it are the person's own. */
    Made one(Sort sort, int count, List<Before> before, List<After> after) {
        Waits waits = new Waits();
        before.forEach(b -> waits.forAll(b, count));
        waits.after.addAll(after);
        int seconds = (int) Math.ceil(count * sort.eachSeconds / factor(sort));
        return new Made(add(sort, sort.title, count, seconds, waits, false), count);
    }

    /** What a stretch waits for. */
    private static final class Waits {
        private final List<After> after = new ArrayList<>();
        private int notBefore;
        private int notAfter = After.ANY_TIME;

        void forAll(Before b, int upTo) {
            Made.reaching(b.made, b.done + upTo).ifPresent(m -> {
                if (m.over()) {
                    notBefore = Math.max(notBefore, m.notBefore);
                    notAfter = Math.min(notAfter, m.notAfter);
                } else {
                    after.add(new After(m.task, b.least, b.most));
                }
            });
        }
    }

    private static int parts(int count, int atMost) {
        return (count + atMost - 1) / atMost;
    }

    private String add(Sort sort, String title, int count, int seconds, Waits waits, boolean risky) {
        String job = sort.wanted.id();
        String id = job + "/" + tasks.size();
        int own = (int) Math.max(1, Math.ceil(seconds * times.pace().factor(sort.pace())));
        SetUp s = sort.setUp;
        tasks.add(new Task(
                id,
                job,
                own,
                s == null ? null : on(s),
                s == null ? null : hot(s),
                waits.after,
                s != null && loud(s),
                risky,
                waits.notBefore,
                waits.notAfter));
        blocks.put(
                id,
                new Block(
                        id,
                        job,
                        sort.wanted.job().name(),
                        title,
                        count,
                        own,
                        sort.pace(),
                        seconds,
                        sort.setUpId,
                        sort.round,
                        sort.ready,
                        sort.lay,
                        sort.wanted.job().cards()));
        return id;
    }

    /** A motor is heard, and a platform that says that it is ready. */
    private static boolean loud(SetUp s) {
        boolean motor = s.machine() instanceof Press press && press.kind() == Press.Kind.MOTOR;
        return motor || s.heat() instanceof Heat.OnPlatform;
    }

    private static On on(SetUp s) {
        String boards = s.stack().all(Board.class).stream().map(Board::id).collect(Collectors.joining(" "));
        return new On(s.machine().id(), boards, Hands.BOARDS.seconds());
    }

    private @Nullable Hot hot(SetUp s) {
        if (s.heat() instanceof Heat.OnPlatform on) {
            Platform platform = on.platform();
            heating.putIfAbsent(platform.id(), s);
            return new Hot(platform.id(), on.level(), s.plates().get(0).id());
        }
        if (s.machine() instanceof HeatedRollers rollers && s.heated()) {
            heating.putIfAbsent(rollers.id(), s);
            return new Hot(rollers.id(), s.heat().level(), "");
        }
        return null;
    }
}
