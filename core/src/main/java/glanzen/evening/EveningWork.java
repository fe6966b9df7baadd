package glanzen.evening;

import glanzen.kit.HeatedRollers;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.plan.Job;
import glanzen.plan.JobPiece;
import glanzen.plan.Operation;
import glanzen.schedule.Heater;
import glanzen.schedule.Task;
import glanzen.schedule.Task.After;
import glanzen.schedule.Task.Hot;
import glanzen.setup.Gel;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.steps.RunSheet;
import glanzen.transfer.Drying;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Jobs as tasks: every operation of every piece, for as many cards as there are, in stretches of about twenty minutes; each after the
 * operation before it for the same cards.
 *
 * @param tasks what is to be done
 * @param blocks the same in words, by the keys of tasks
 * @param heaters what is hot meanwhile
 */
public record EveningWork(List<Task> tasks, Map<String, Block> blocks, List<Heater> heaters) {

    /** Nobody wants longer stretches, s. */
    private static final double STRETCH_SECONDS = 20 * 60;
    /** Ink and paint dry by themselves, s. */
    private static final int INK_DRIES_SECONDS = 30 * 60;

    /**
     * All of some jobs.
     *
     * @param heaters how long what heats takes
     * @param pace how much longer the person takes than usual
     */
    public static EveningWork of(List<Wanted> jobs, Heaters heaters, OwnPace pace) {
        Builder builder = new Builder(pace);
        jobs.forEach(builder::job);
        return new EveningWork(
                List.copyOf(builder.tasks), Map.copyOf(builder.blocks), heaters.of(builder.heating.values()));
    }

    private static final class Builder {
        private final OwnPace pace;
        private final List<Task> tasks = new ArrayList<>();
        private final Map<String, Block> blocks = new HashMap<>();
        /** What heats, by its key, as some set-up uses it. */
        private final Map<String, SetUp> heating = new LinkedHashMap<>();

        Builder(OwnPace pace) {
            this.pace = pace;
        }

        /** A stretch that was made, and up to which piece it reaches. */
        private record Made(String task, int upTo) {}

        void job(Wanted wanted) {
            List<Made> last = new ArrayList<>();
            for (JobPiece piece : wanted.job().pieces()) {
                List<Made> made = piece(wanted, piece);
                last(made).ifPresent(last::add);
            }
            assemble(wanted, last);
        }

        private List<Made> piece(Wanted wanted, JobPiece piece) {
            List<Made> before = List.of();
            Waits waits = Waits.NONE;
            boolean trimmed = false;
            for (int n = 0; n < piece.operations().size(); n++) {
                Operation operation = piece.operations().get(n);
                switch (operation.kind()) {
                    case ASSEMBLE -> {}
                    case DRY -> waits = new Waits(INK_DRIES_SECONDS, After.ANY_TIME);
                    case GEL_DRY -> waits = new Waits(dries(wanted, piece), (int) Drying.USE_WITHIN_SECONDS);
                    default -> {
                        if (operation.kind() == Operation.Kind.TRIM && trimmed) {
                            trimmed = false;
                            continue;
                        }
                        Kind kind = kind(wanted, piece, operation, trimsNext(piece, n));
                        trimmed = kind.cycle != null && kind.cycle.meanwhile().contains(Rounds.TRIM);
                        before = operation(kind, wanted.job().cards() * piece.perCard(), before, waits);
                        waits = Waits.NONE;
                    }
                }
            }
            return before;
        }

        /** How long after what came before: at the earliest, and at the latest, s. */
        private record Waits(int least, int most) {
            static final Waits NONE = new Waits(0, After.ANY_TIME);
        }

        private static boolean trimsNext(JobPiece piece, int n) {
            return n + 1 < piece.operations().size()
                    && piece.operations().get(n + 1).kind() == Operation.Kind.TRIM;
        }

        /** How long gel dries until it is sound: as thick as the set-up that presses it says. */
        private static int dries(Wanted wanted, JobPiece piece) {
            Gel gel = Gel.USUAL;
            double room = 21;
            for (Operation o : piece.operations()) {
                SetUp s = o.setUpId() == null ? null : wanted.setUps().get(o.setUpId());
                if (s != null && s.gel() != null) {
                    gel = s.gel();
                    room = s.roomC();
                }
            }
            return (int) Math.ceil(gel.drying(room).secondsTo(Drying.SOUND));
        }

        private static Kind kind(Wanted wanted, JobPiece piece, Operation operation, boolean trimmed) {
            SetUp setUp = operation.setUpId() == null ? null : wanted.setUps().get(operation.setUpId());
            Cycle cycle = setUp == null ? null : Rounds.of(setUp, trimmed);
            double each = cycle == null ? byHand(operation.kind()) : cycle.seconds();
            String title = operation.kind().label() + ", " + piece.name();
            return new Kind(wanted, title, operation.setUpId(), setUp, cycle, each);
        }

        private List<Made> operation(Kind kind, int count, List<Made> before, Waits waits) {
            List<Made> first = new ArrayList<>();
            SetUp setUp = kind.setUp;
            if (setUp != null && !kind.wanted.proven().contains(kind.setUpId)) {
                first.add(new Made(scrap(kind), 0));
            }
            boolean films = setUp != null && setUp.route().film().isPresent();
            if (films && !Objects.requireNonNull(kind.cycle).meanwhile().contains(Rounds.FOIL)) {
                Kind foil = new Kind(
                        kind.wanted, "cut foil for: " + kind.title, null, null, null, Hands.CUT_FOIL.seconds());
                first.addAll(stretches(foil, count, List.of(), List.of(), Waits.NONE));
            }
            return stretches(kind, count, before, first, waits);
        }

        /** One kind of stretches of a job. */
        private record Kind(
                Wanted wanted,
                String title,
                @Nullable String setUpId,
                @Nullable SetUp setUp,
                @Nullable Cycle cycle,
                double eachSeconds) {

            String pace() {
                return setUpId != null ? setUpId : title.replaceAll(", .*", "");
            }
        }

        /** What has never come out is tried first, with nothing at stake. */
        private String scrap(Kind kind) {
            Cycle cycle = Objects.requireNonNull(kind.cycle);
            return add(
                    kind, "Try on scrap: " + kind.title, 1, (int) Math.ceil(cycle.oneByOneSeconds()), List.of(), true);
        }

        private List<Made> stretches(Kind kind, int count, List<Made> before, List<Made> first, Waits waits) {
            int setting = kind.setUp == null || kind.setUp.platform().isEmpty()
                    ? 0
                    : Rounds.taped(kind.setUp) ? 0 : Hands.SET_LOOSE.seconds();
            int atMost =
                    Math.max(1, (int) ((STRETCH_SECONDS - setting) / (kind.eachSeconds * pace.factor(kind.pace()))));
            int parts = (count + atMost - 1) / atMost;
            List<Made> made = new ArrayList<>();
            for (int n = 0; n < parts; n++) {
                int from = count * n / parts;
                int to = count * (n + 1) / parts;
                List<After> after = new ArrayList<>();
                before.stream()
                        .filter(m -> m.upTo >= to)
                        .findFirst()
                        .or(() -> last(before))
                        .ifPresent(m -> after.add(new After(m.task, waits.least, waits.most)));
                made.stream().reduce((a, b) -> b).ifPresent(m -> after.add(After.of(m.task)));
                first.forEach(m -> after.add(After.of(m.task)));
                int seconds = (int) Math.ceil(setting + (to - from) * kind.eachSeconds);
                made.add(new Made(add(kind, kind.title, to - from, seconds, after, false), to));
            }
            return made;
        }

        private static Optional<Made> last(List<Made> made) {
            return made.stream().reduce((a, b) -> b);
        }

        /** What is folded as an operation of its piece is not folded once more when it is put together, s. */
        private static double folded(Job job) {
            boolean twice = job.card() != null
                    && job.card().base().fold().opens()
                    && job.piece(job.card().base().piece()).stream()
                            .flatMap(p -> p.operations().stream())
                            .anyMatch(o -> o.kind() == Operation.Kind.FOLD);
            return twice ? Hands.FOLD.seconds() : 0;
        }

        private void assemble(Wanted wanted, List<Made> last) {
            double each = wanted.steps().isEmpty()
                    ? Hands.GLUE.seconds() * wanted.job().pieces().size()
                    : wanted.steps().stream().mapToDouble(s -> s.seconds()).sum() - folded(wanted.job());
            boolean wantsIt = !wanted.steps().isEmpty()
                    || wanted.job().pieces().stream()
                            .flatMap(p -> p.operations().stream())
                            .anyMatch(o -> o.kind() == Operation.Kind.ASSEMBLE);
            if (!wantsIt) {
                return;
            }
            Kind kind = new Kind(wanted, "Assemble", null, null, null, each);
            int from = tasks.size();
            stretches(kind, wanted.job().cards(), List.of(), List.of(), Waits.NONE);
            // Whatever is first assembled needs all pieces of its cards; the last stretch of each is enough to wait
            // for.
            for (int n = from; n < tasks.size(); n++) {
                Task t = tasks.get(n);
                List<After> after = new ArrayList<>(t.after());
                last.forEach(m -> after.add(After.of(m.task)));
                tasks.set(n, new Task(t.id(), t.job(), t.seconds(), t.machines(), t.hot(), after, t.loud(), t.risky()));
            }
        }

        private String add(Kind kind, String title, int count, int seconds, List<After> after, boolean risky) {
            String id = kind.wanted.id() + "/" + tasks.size();
            int own = (int) Math.max(1, Math.ceil(seconds * pace.factor(kind.pace())));
            SetUp setUp = kind.setUp;
            tasks.add(new Task(
                    id,
                    kind.wanted.id(),
                    own,
                    setUp == null ? List.of() : List.of(setUp.machine().id()),
                    setUp == null ? null : hot(setUp),
                    after,
                    setUp != null && loud(setUp),
                    risky));
            blocks.put(
                    id,
                    new Block(
                            id,
                            kind.wanted.id(),
                            kind.wanted.job().name(),
                            title,
                            count,
                            own,
                            kind.pace(),
                            seconds,
                            kind.setUpId,
                            kind.cycle,
                            setUp == null ? List.of() : RunSheet.preflight(setUp)));
            return id;
        }

        /** A motor is heard, and a platform that says that it is ready. */
        private static boolean loud(SetUp s) {
            boolean motor = s.machine() instanceof Press press && press.kind() == Press.Kind.MOTOR;
            return motor || s.heat() instanceof Heat.OnPlatform;
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

        private static double byHand(Operation.Kind kind) {
            return switch (kind) {
                case INK -> Hands.INK.seconds();
                case TAPE, TAPE_OFF -> Hands.TAPE.seconds();
                case FILM_OFF_FRONT, FILM_OFF_BACK -> Hands.FILM_OFF.seconds();
                case GEL -> Hands.SPREAD.seconds();
                case FOLD -> Hands.FOLD.seconds();
                case TRIM -> Hands.TRIM.seconds();
                case CUT, WINDOW, EMBOSS ->
                    Hands.LOAD_CUT.seconds() + Hands.POKE.seconds() + Hands.TAKE_APART.seconds();
                default -> Hands.LAY.seconds() + Hands.PEEL.seconds() + Hands.LOOK.seconds();
            };
        }
    }
}
