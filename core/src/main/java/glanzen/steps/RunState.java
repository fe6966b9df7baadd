package glanzen.steps;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Where a run stands. A run makes so many good pulls; most make one.
 *
 * @param step which instruction of this round is on, from 0
 * @param warming whether this round begins by laying ready and warming up, as the first does, and the first after a pause
 * @param left whether it was given up
 * @param wanted how many good pulls it is to make
 * @param good how many were logged as good
 * @param rejected how many were logged as anything else
 * @param pressed pulls that went through the machine and are not logged yet, oldest first
 * @param out whether the pull of this round is among those that went through
 * @param warmedSeconds how long the plate of this round really soaked, or how long rollers have been on as far as their heat
 *     tells, s; nothing while that is not known
 * @param warnedOf the step of which it was said that it would be cut short, and may be therefore; nothing where nothing was said
 * @param cut what was cut short in this round
 */
public record RunState(
        int step,
        boolean warming,
        boolean left,
        int wanted,
        int good,
        int rejected,
        List<Pressed> pressed,
        boolean out,
        @Nullable Double warmedSeconds,
        @Nullable Integer warnedOf,
        @Nullable List<Cut> cut) {

    /** Most good pulls that a run can be asked for. */
    public static final int MOST = 500;

    /**
     * A pull that went through the machine.
     *
     * @param warmedSeconds how long it was warmed, as in {@link RunState#warmedSeconds}
     * @param cut what was cut short for it
     */
    public record Pressed(
            @Nullable Double warmedSeconds, @Nullable List<Cut> cut) {

        public Pressed {
            // Runs from before this was kept have none.
            cut = cut == null ? List.of() : List.copyOf(cut);
        }
    }

    public RunState {
        pressed = List.copyOf(pressed);
        cut = cut == null ? List.of() : List.copyOf(cut);
    }

    /** A run that has just begun. */
    public static RunState begun(int wanted) {
        return new RunState(0, true, false, wanted, 0, 0, List.of(), false, null, null, List.of());
    }

    /** Whether it makes more than one. */
    public boolean batch() {
        return wanted > 1;
    }

    /** Whether everything wanted is made. */
    public boolean done() {
        return batch() ? good >= wanted : good + rejected > 0;
    }

    /** Which pull is on, from 1. */
    public int pull() {
        return good + rejected + pressed.size() + (out ? 0 : 1);
    }

    /** Whether no pull is wanted after that of this round, as long as all that is not logged yet came out good. */
    public boolean last() {
        return good + pressed.size() + (out ? 0 : 1) >= wanted;
    }

    /** Whether it was said that the step that is on would be cut short. */
    boolean warned() {
        return warnedOf != null && warnedOf == step;
    }

    RunState at(int changed) {
        return new RunState(changed, warming, left, wanted, good, rejected, pressed, out, warmedSeconds, null, cut);
    }

    RunState warmed(@Nullable Double seconds) {
        return new RunState(step, warming, left, wanted, good, rejected, pressed, out, seconds, warnedOf, cut);
    }

    RunState givenUp() {
        return new RunState(step, warming, true, wanted, good, rejected, pressed, out, warmedSeconds, null, cut);
    }

    /** It was said that this step would be cut short. */
    RunState warning() {
        return new RunState(step, warming, left, wanted, good, rejected, pressed, out, warmedSeconds, step, cut);
    }

    /** This step was cut short all the same; of a pull that went through already, it is kept with that. */
    RunState cutting(Cut more) {
        List<Pressed> through = new ArrayList<>(pressed);
        if (out && !through.isEmpty()) {
            Pressed last = through.remove(through.size() - 1);
            through.add(new Pressed(last.warmedSeconds, and(last.cut, more)));
        }
        return new RunState(
                step, warming, left, wanted, good, rejected, through, out, warmedSeconds, null, and(cut, more));
    }

    private static List<Cut> and(@Nullable List<Cut> said, Cut more) {
        return Stream.concat(Stream.ofNullable(said).flatMap(List::stream), Stream.of(more))
                .distinct()
                .toList();
    }

    /** The pull of this round went through. */
    RunState wentThrough() {
        if (out) {
            return this;
        }
        List<Pressed> more = new ArrayList<>(pressed);
        more.add(new Pressed(warmedSeconds, cut));
        return new RunState(step, warming, left, wanted, good, rejected, more, true, warmedSeconds, warnedOf, cut);
    }

    /** The next round, or this one again. */
    RunState round(boolean fromCold) {
        return new RunState(0, fromCold, left, wanted, good, rejected, pressed, false, null, null, List.of());
    }

    /** The oldest pull that is not logged yet was logged. */
    RunState logged(boolean wasGood) {
        RunState through = pressed.isEmpty() ? wentThrough() : this;
        return new RunState(
                step,
                warming,
                left,
                wanted,
                good + (wasGood ? 1 : 0),
                rejected + (wasGood ? 0 : 1),
                through.pressed.subList(1, through.pressed.size()),
                through.out,
                warmedSeconds,
                warnedOf,
                cut);
    }
}
