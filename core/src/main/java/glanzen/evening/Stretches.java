package glanzen.evening;

import glanzen.kit.Board;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.plan.Operation;
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
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Work in stretches nobody minds standing for: each becomes a task, and the same in words. */
final class Stretches {

    /** Nobody wants longer stretches, s. */
    static final double STRETCH_SECONDS = 20 * 60;
    /** Work that takes no longer than this is not worth sharing, s. */
    private static final double SHARED_SECONDS = 4 * 60;

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
    record Before(List<Made> made, int done, int least, int most) {

        /** How many of those that follow were made before all this, and must not grow too old. */
        int aged() {
            return (int) made.stream()
                    .skip(done)
                    .filter(m -> m.over() && m.notAfter < After.ANY_TIME)
                    .count();
        }
    }

    /**
     * The name of a stretch.
     *
     * @param title what is done
     * @param of what it is done to
     * @param pace what hands do, as it counts for a person's own pace
     */
    record Name(String title, String of, String pace) {

        static Name of(Operation.Kind kind, String piece) {
            return new Name(kind.task(piece), piece, kind.label());
        }
    }

    /** One kind of stretches of a job. */
    record Sort(
            Wanted wanted,
            Name name,
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
        static Sort byHand(Wanted wanted, Name name, double eachSeconds) {
            return byHand(wanted, name, 0, eachSeconds);
        }

        /** @param settingSeconds what it takes before the first and after the last, however many there are, s */
        static Sort byHand(Wanted wanted, Name name, int settingSeconds, double eachSeconds) {
            return new Sort(wanted, name, null, null, null, settingSeconds, eachSeconds, List.of(), null);
        }

        /** With a set-up: loose plates are set and squared once. */
        static Sort with(
                Wanted wanted,
                Name name,
                @Nullable String setUpId,
                SetUp setUp,
                Round round,
                List<String> ready,
                Together.@Nullable Lay lay) {
            boolean loose = setUp.platform().isPresent() && !Round.taped(setUp);
            int setting = loose ? Hands.SET_LOOSE.seconds() * setUp.plates().size() : 0;
            return new Sort(wanted, name, setUpId, setUp, round, setting, round.seconds(), ready, lay);
        }

        String pace() {
            return setUpId != null ? setUpId : name.pace;
        }
    }

    /** What has never come out is tried first, with nothing at stake. */
    List<Made> scrap(Sort sort) {
        if (sort.setUp == null || sort.wanted.proven().contains(sort.setUpId)) {
            return List.of();
        }
        int seconds = (int) Math.ceil(Objects.requireNonNull(sort.round).seconds(1));
        return List.of(new Made(
                add(sort, "Test on scrap: " + lower(sort.name.title), new Extent(1, 1, 0), seconds, new Waits(), true),
                0));
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
        Sort cut = Sort.byHand(
                sort.wanted, new Name("Cut foil for " + sort.name.of, sort.name.of, "cut foil"), foil.seconds());
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
        boolean shared = sort.setUp == null && setting == 0 && times.people() > 1 && count * own > SHARED_SECONDS;
        int atMost = Math.max(1, (int) ((STRETCH_SECONDS - setting) / own));
        int least = shared ? times.people() : 1;
        // What was made before all this has its own age, and does not wait for what is made now.
        int old = Math.min(count, before.stream().mapToInt(Before::aged).max().orElse(0));
        List<Integer> ends = new ArrayList<>(ends(0, old, atMost, least));
        ends.addAll(ends(old, count, atMost, least));
        List<Made> made = new ArrayList<>();
        int begin = 0;
        for (int to : ends) {
            int from = begin;
            begin = to;
            Waits waits = new Waits();
            int seconds = (int) Math.ceil(setting + (to - from) * each);
            before.forEach(b -> waits.forAll(b, from, to, seconds));
            if (!shared && from != old) {
                Made.last(made).ifPresent(m -> waits.after.add(After.of(m.task)));
            }
            first.stream().filter(m -> !m.over()).forEach(m -> waits.after.add(After.of(m.task)));
            made.add(new Made(add(sort, sort.name.title, new Extent(from + 1, to, count), seconds, waits, false), to));
        }
        return made;
    }

    /** How much longer the person takes for a sort than hands usually do. */
    double factor(Sort sort) {
        return times.pace().factor(sort.pace());
    }

    /**
     * Which ones of how many a stretch is about.
     *
     * @param first counted from 1
     * @param last no smaller
     * @param of all; 0 where nobody counts
     */
    record Extent(int first, int last, int of) {

        int count() {
            return last - first + 1;
        }
    }

    private static String lower(String title) {
        return title.substring(0, 1).toLowerCase(Locale.ROOT) + title.substring(1);
    }

    /** All of a sort in one stretch; {@code eachSeconds} of it are the person's own. */
    Made one(Sort sort, Extent extent, List<Before> before, List<After> after) {
        int count = extent.count();
        Waits waits = new Waits();
        before.forEach(b -> waits.forAll(b, 0, count, 0));
        waits.after.addAll(after);
        int seconds = (int) Math.ceil(count * sort.eachSeconds / factor(sort));
        return new Made(add(sort, sort.name.title, extent, seconds, waits, false), count);
    }

    /** What a stretch waits for. */
    private final class Waits {
        private final List<After> after = new ArrayList<>();
        private int notBefore;
        private int notAfter = After.ANY_TIME;

        /**
         * The last of them must be ready for it, and the first not too late: each piece's wait counts from when its own turn was over
         * to when its own turn is.
         *
         * @param seconds how long the stretch that waits takes, s
         */
        void forAll(Before b, int from, int upTo, int seconds) {
            Optional<Made> last = Made.reaching(b.made, b.done + upTo);
            last.ifPresent(m -> waitsFor(m, b.least, latest(b, m, seconds)));
            Made.reaching(b.made, b.done + from + 1)
                    .filter(m -> b.most < After.ANY_TIME || m.over())
                    .filter(m -> !m.equals(last.orElse(null)))
                    .ifPresent(m -> waitsFor(m, m.over() ? 0 : b.least, latest(b, m, seconds)));
        }

        private void waitsFor(Made m, int least, int most) {
            if (m.over()) {
                notBefore = Math.max(notBefore, m.notBefore);
                notAfter = Math.min(notAfter, m.notAfter);
            } else {
                after.add(new After(m.task, least, most));
            }
        }

        /** The longer of both stretches is what its first or its last piece waits more than the gap between them. */
        private int latest(Before b, Made m, int seconds) {
            if (b.most == After.ANY_TIME || m.over()) {
                return b.most;
            }
            return Math.max(
                    b.least,
                    b.most - Math.max(Objects.requireNonNull(blocks.get(m.task)).seconds(), seconds));
        }
    }

    /** Up to which piece each of some stretches reaches, as equal as can be. */
    private static List<Integer> ends(int from, int to, int atMost, int least) {
        int count = to - from;
        int parts = Math.min(count, Math.max(least, (count + atMost - 1) / atMost));
        return IntStream.rangeClosed(1, parts)
                .map(n -> from + count * n / parts)
                .boxed()
                .toList();
    }

    private String add(Sort sort, String title, Extent extent, int seconds, Waits waits, boolean risky) {
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
                        extent.count(),
                        own,
                        sort.pace(),
                        seconds,
                        sort.setUpId,
                        sort.round,
                        sort.ready,
                        sort.lay,
                        sort.wanted.job().cards(),
                        extent.first,
                        extent.of));
        return id;
    }

    /** Motors are heard, rollers have one, and whatever is heated says that it is ready. */
    private static boolean loud(SetUp s) {
        boolean motor = s.machine() instanceof Press press && press.kind() == Press.Kind.MOTOR;
        return motor || s.machine() instanceof HeatedRollers || s.heated();
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
