package glanzen.app.evening;

import glanzen.app.evening.EveningView.Drying;
import glanzen.app.evening.EveningView.HotSpell;
import glanzen.app.evening.EveningView.LeftBlock;
import glanzen.app.evening.EveningView.Missing;
import glanzen.app.evening.EveningView.PlannedBlock;
import glanzen.app.evening.EveningView.Way;
import glanzen.app.evening.EveningView.Why;
import glanzen.evening.Block;
import glanzen.evening.WayOut;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Kit;
import glanzen.kit.Platform;
import glanzen.schedule.Cost;
import glanzen.schedule.Schedule;
import glanzen.schedule.Schedule.Spell;
import glanzen.schedule.Task;
import glanzen.schedule.Workload;
import glanzen.steps.Round;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Makes an evening fit to be shown. */
final class EveningViews {

    private final Kept kept;
    private final Kit kit;
    private final int now;
    private final Workload work;
    private final Schedule plan;
    private final Set<Task> laidAnew;

    EveningViews(Kept kept, Kit kit, Instant now) {
        this.kept = kept;
        this.kit = kit;
        this.now = kept.seconds(now);
        // As it was planned and lived, not from now on: what was to be done before is still shown.
        this.work = kept.lived();
        this.plan = kept.shown();
        this.laidAnew = plan.laidAnew(work);
    }

    /** What would make possible what does not fit; it takes a while to find. */
    List<Way> ways() {
        Workload still = kept.workload(Math.max(kept.plannedFrom(), now));
        return WayOut.of(still, kept.planOf(still), kept.work().blocks(), now).stream()
                .map(this::way)
                .toList();
    }

    EveningView view(String id, boolean searching, boolean solver, long version, List<Way> ways) {
        Cost cost = plan.cost(work);
        int end = work.tasks().stream()
                .filter(plan::plans)
                .mapToInt(plan::end)
                .max()
                .orElse(0);
        List<Spell> spells = plan.spells(work);
        return new EveningView(
                id,
                kept.at(now),
                kept.asked(),
                blocks(),
                left(),
                ways,
                spells.stream().map(this::spell).toList(),
                waits(),
                end == 0 ? null : kept.at(end),
                kept.endBound() == 0 ? null : Math.max(0, end - kept.endBound()),
                kept.proven(),
                searching,
                solver,
                spells.size(),
                (int) cost.swaps(),
                (int) cost.boards(),
                (int) cost.idleSeconds(),
                handsShare(end),
                (int) Math.max(0, there(end) - busy()),
                ownPace(),
                kept.handsTaken().map(Task::id).orElse(null),
                behind(),
                latest(),
                kept.missing().stream()
                        .map(l -> new Missing(l.says(), l.jobId(), l.setUpId()))
                        .toList(),
                kept.sequence(),
                version);
    }

    private Block block(Task t) {
        return Objects.requireNonNull(kept.work().blocks().get(t.id()));
    }

    private List<PlannedBlock> blocks() {
        List<List<Task>> items = new ArrayList<>();
        for (Task t : work.tasks().stream()
                .filter(plan::plans)
                .sorted(Comparator.comparingInt(plan::start))
                .toList()) {
            List<Task> last = items.isEmpty() ? List.of() : items.get(items.size() - 1);
            if (last.isEmpty() || !continues(last.get(last.size() - 1), t)) {
                items.add(new ArrayList<>());
            }
            items.get(items.size() - 1).add(t);
        }
        List<PlannedBlock> all = new ArrayList<>();
        for (List<Task> item : items) {
            String says = block(item.get(0)).says(block(item.get(item.size() - 1)));
            item.forEach(t -> all.add(planned(t, items.indexOf(item) + 1, says)));
        }
        return all;
    }

    /** Whether a stretch is more of the same, in the same hours. */
    private boolean continues(Task before, Task t) {
        Block one = block(before);
        Block other = block(t);
        return one.jobId().equals(other.jobId())
                && one.title().equals(other.title())
                && work.hours().stream().noneMatch(h -> plan.start(before) < h.from() && h.from() <= plan.start(t));
    }

    private PlannedBlock planned(Task t, int item, String itemSays) {
        Block b = block(t);
        return new PlannedBlock(
                t.id(),
                b.jobId(),
                b.job(),
                b.title(),
                b.count(),
                item,
                b.says(),
                itemSays,
                b.round() == null ? 0 : b.round().freeSeconds(b.count()),
                b.seconds(),
                kept.at(plan.start(t)),
                kept.at(plan.end(t)),
                b.setUpId(),
                t.on() == null ? null : t.on().machine(),
                laidAnew.contains(t),
                t.hot() == null ? null : t.hot().heater(),
                b.round() == null ? List.of() : b.round().cycle().says(),
                b.round() == null ? null : b.round().seconds(b.count()),
                b.round() == null ? 0 : b.round().waitSeconds(),
                b.round() == null ? null : b.round().seconds(1),
                b.ready(),
                b.lay(),
                kept.fixed().containsKey(t.id()),
                moment(kept.begun().get(t.id())),
                moment(kept.done().get(t.id())),
                plan.end(t) > work.dueSeconds(t));
    }

    private @Nullable Instant moment(@Nullable Integer seconds) {
        return seconds == null ? null : kept.at(seconds);
    }

    private List<LeftBlock> left() {
        return work.tasks().stream()
                .filter(t -> !plan.plans(t) && !kept.done().containsKey(t.id()))
                .map(t -> {
                    Block b = block(t);
                    Why why = why(t);
                    return new LeftBlock(
                            t.id(), b.jobId(), b.job(), b.title(), b.count(), t.seconds(), why, why.label());
                })
                .toList();
    }

    private Why why(Task t) {
        boolean waits = t.after().stream()
                .anyMatch(a ->
                        !plan.starts().containsKey(a.task()) && !kept.done().containsKey(a.task()));
        boolean fits = work.hours().stream().anyMatch(h -> h.seconds() >= t.seconds());
        return kept.forbidden().contains(t.id()) ? Why.BY_HAND : waits ? Why.WAITS : fits ? Why.HOURS : Why.LONG;
    }

    private Way way(WayOut w) {
        Optional<Block> about = Optional.ofNullable(kept.work().blocks().get(w.task()));
        return new Way(
                w.kind(),
                w.kind() == WayOut.Kind.EARLIER ? 0 : w.seconds(),
                w.kind() == WayOut.Kind.EARLIER ? kept.at(w.seconds()) : null,
                about.map(Block::job).orElse(""),
                about.map(Block::title).orElse(""),
                w.cards());
    }

    private HotSpell spell(Spell s) {
        Task.Hot first = Objects.requireNonNull(s.tasks().get(0).hot());
        List<Platform.Level> levels = levels(s.heater());
        return new HotSpell(
                s.heater(),
                kit.platform(s.heater())
                        .map(Platform::name)
                        .or(() -> kit.machine(s.heater()).map(m -> m.name()))
                        .orElse(s.heater()),
                kept.at(s.from()),
                kept.at(plan.start(s.tasks().get(0))),
                kept.at(s.to()),
                first.setting() < levels.size() ? levels.get(first.setting()).celsius() : 0,
                s.tasks().stream()
                        .map(t -> Objects.requireNonNull(t.hot()).setting())
                        .distinct()
                        .filter(n -> n < levels.size())
                        .map(n -> levels.get(n).name())
                        .toList());
    }

    private List<Platform.Level> levels(String heater) {
        return kit.platform(heater)
                .map(Platform::levels)
                .or(() -> kit.machine(heater)
                        .filter(HeatedRollers.class::isInstance)
                        .map(m -> ((HeatedRollers) m).settings()))
                .orElse(List.of());
    }

    private List<Drying> waits() {
        List<Drying> all = new ArrayList<>();
        for (Task t : work.tasks()) {
            for (Task.After a : t.after()) {
                Task before = work.byId().get(a.task());
                if (a.leastSeconds() > 0 && before != null && plan.plans(before)) {
                    int over = plan.end(before);
                    all.add(new Drying(
                            block(before).title(),
                            block(before).job(),
                            kept.at(over),
                            kept.at(over + a.leastSeconds())));
                }
            }
        }
        return all.stream().distinct().toList();
    }

    /** How long hands are free in a stretch: while a machine runs, a platform soaks or gets hot again, s. */
    private int free(Task t) {
        Round round = block(t).round();
        return round == null
                ? 0
                : (int) Math.min(t.seconds(), block(t).count() * round.cycle().idleSeconds());
    }

    private double there(int end) {
        return work.people()
                * work.hours().stream()
                        .mapToDouble(h -> Math.max(0, Math.min(h.to(), end) - h.from()))
                        .sum();
    }

    private double busy() {
        return work.tasks().stream()
                .filter(plan::plans)
                .mapToDouble(t -> t.seconds() - free(t))
                .sum();
    }

    private int ownPace() {
        return (int) work.tasks().stream()
                .filter(plan::plans)
                .map(this::block)
                .mapToDouble(b -> b.seconds() - Math.ceil(b.usualSeconds()))
                .sum();
    }

    private double handsShare(int end) {
        return there(end) == 0 ? 0 : Math.min(1, busy() / there(end));
    }

    /** What is next may slip by what is free at the end of its hours. */
    private @Nullable Instant latest() {
        Optional<Task> next = work.tasks().stream()
                .filter(t -> plan.plans(t) && !kept.done().containsKey(t.id()))
                .min(Comparator.comparingInt(plan::start));
        if (next.isEmpty()) {
            return null;
        }
        int begins = plan.start(next.get());
        return work.hours().stream()
                .filter(h -> h.from() <= begins && begins < h.to())
                .findFirst()
                .map(h -> {
                    int last = work.tasks().stream()
                            .filter(t -> plan.plans(t) && plan.start(t) < h.to())
                            .mapToInt(plan::end)
                            .max()
                            .orElse(h.to());
                    return kept.at(begins + Math.max(0, h.to() - last));
                })
                .orElse(null);
    }

    /** How long the first that should have been begun, or be over, has been waiting. */
    private int behind() {
        return work.tasks().stream()
                .filter(plan::plans)
                .filter(t -> !kept.done().containsKey(t.id()))
                .mapToInt(t -> kept.begun().containsKey(t.id()) ? now - plan.end(t) : now - plan.start(t))
                .max()
                .stream()
                .filter(s -> s > Schedule.NOTICED_SECONDS)
                .findFirst()
                .orElse(0);
    }
}
