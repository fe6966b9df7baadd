package glanzen.app.evening;

import glanzen.evening.Together.Lay;
import glanzen.evening.WayOut;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * An evening as it is shown.
 *
 * @param now bench time
 * @param asked what was asked for
 * @param blocks what is planned, in the order of time
 * @param left what is not planned, and why
 * @param ways what would make that possible
 * @param spells when what is hot
 * @param waits what dries meanwhile
 * @param endAt when the last is over; nothing if nothing is planned
 * @param gapSeconds by how much a plan could end earlier at most, s; nothing where nothing is proven
 * @param proven whether no plan is better
 * @param searching whether better plans are looked for
 * @param solver whether there is anything to look for them with
 * @param heatUps how often something is heated up
 * @param swaps how often something is swapped or set to another level while it is hot
 * @param boards how often other boards are laid into a machine
 * @param idleSeconds how long heaters are hot with nothing on them, s
 * @param handsShare share of the hours until its end in which hands are at work, 0…1
 * @param freeSeconds how long hands are free in these hours, s
 * @param ownPaceSeconds by how much longer or shorter all of it is planned than hands usually take, by the person's own evenings, s
 * @param handsTakenBy key of what is begun and takes the last free hands, so that another is begun only after a question
 * @param behindSeconds by how much it is behind, s; 0 where nobody minds
 * @param latestAt when what is next must be begun at the latest, so that all of these hours still fits; nothing if nothing is next
 * @param missing what stands in the way before it is begun
 * @param sequence how often it was changed; to be handed back with a change
 * @param version larger with every better plan too
 */
record EveningView(
        String id,
        Instant now,
        EveningRequest asked,
        List<PlannedBlock> blocks,
        List<LeftBlock> left,
        List<Way> ways,
        List<HotSpell> spells,
        List<Drying> waits,
        @Nullable Instant endAt,
        @Nullable Integer gapSeconds,
        boolean proven,
        boolean searching,
        boolean solver,
        int heatUps,
        int swaps,
        int boards,
        int idleSeconds,
        double handsShare,
        int freeSeconds,
        int ownPaceSeconds,
        @Nullable String handsTakenBy,
        int behindSeconds,
        @Nullable Instant latestAt,
        List<Missing> missing,
        int sequence,
        long version) {

    /**
     * An obstacle that stands in the way before the evening is begun.
     *
     * @param jobId where it is mended, if that is in a job
     * @param setUpId where it is mended, if that is in a set-up
     */
    record Missing(
            String text, @Nullable String jobId, @Nullable String setUpId) {}

    /**
     * A stretch of work.
     *
     * @param item number of what it is a part of: the same work again and again is one item of a list
     * @param says its title, and which ones of how many
     * @param itemSays the same of the item
     * @param freeEachSeconds how long hands are free in each pull, s; 0 where nothing else fits into it
     * @param plannedSeconds how long it was planned to take, s
     * @param machine key of the machine it keeps; nothing where it keeps none
     * @param otherBoards whether other boards are laid into it first
     * @param meanwhile what is done while hands are free in a round
     * @param eachSeconds one round, s; nothing where it is no batch
     * @param waitSeconds how much of it the platform is waited for, s; 0 where it is not
     * @param oneByOneSeconds one by itself, s; nothing where it is no batch
     * @param lay where things lie, if several go through at once
     * @param fixed whether it was put there by hand
     * @param begunAt when it was really begun
     * @param doneAt when it was really over
     * @param late whether it ends after its job is due
     */
    record PlannedBlock(
            String task,
            String jobId,
            String job,
            String title,
            int count,
            int item,
            String says,
            String itemSays,
            double freeEachSeconds,
            int plannedSeconds,
            Instant from,
            Instant to,
            @Nullable String setUpId,
            @Nullable String machine,
            boolean otherBoards,
            @Nullable String heater,
            List<String> meanwhile,
            @Nullable Double eachSeconds,
            double waitSeconds,
            @Nullable Double oneByOneSeconds,
            List<String> ready,
            @Nullable Lay lay,
            boolean fixed,
            @Nullable Instant begunAt,
            @Nullable Instant doneAt,
            boolean late) {}

    /** Stretches of work as they are listed: the same again and again is one. */
    List<Item> items() {
        Map<Integer, List<PlannedBlock>> byItem = new LinkedHashMap<>();
        blocks.forEach(
                b -> byItem.computeIfAbsent(b.item(), n -> new ArrayList<>()).add(b));
        return byItem.entrySet().stream()
                .map(e -> new Item(e.getKey(), e.getValue()))
                .toList();
    }

    /**
     * An item of the list.
     *
     * @param number counted from 1
     * @param parts its stretches, in the order of time
     */
    record Item(int number, List<PlannedBlock> parts) {

        PlannedBlock first() {
            return parts.get(0);
        }

        Instant to() {
            return parts.stream().map(PlannedBlock::to).max(Instant::compareTo).orElseThrow();
        }
    }

    /** Why something is not planned. */
    enum Why {
        HOURS("no hours left"),
        LONG("longer than any of the hours"),
        WAITS("waits for what does not fit"),
        BY_HAND("left out by you");

        private final String label;

        Why(String label) {
            this.label = label;
        }

        String label() {
            return label;
        }
    }

    /** A stretch of work that is not planned; {@code because} says why in words. */
    record LeftBlock(
            String task, String jobId, String job, String title, int count, int seconds, Why why, String because) {}

    /** A way out; see {@link WayOut}. */
    record Way(WayOut.Kind kind, int seconds, @Nullable Instant by, String job, String title, int cards) {}

    /**
     * Something hot.
     *
     * @param from when it is switched on
     * @param hotFrom when it is hot
     * @param to when the last is done on it
     * @param celsius how hot, for its first task
     * @param settings what it is set to, task by task
     */
    record HotSpell(
            String heater,
            String name,
            Instant from,
            Instant hotFrom,
            Instant to,
            double celsius,
            List<String> settings) {}

    /** Something that dries between two stretches of work. */
    record Drying(String title, String job, Instant from, Instant soundAt) {}
}
