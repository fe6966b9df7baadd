package glanzen.evening;

import glanzen.evening.Stretches.Before;
import glanzen.evening.Stretches.Extent;
import glanzen.evening.Stretches.Made;
import glanzen.evening.Stretches.Name;
import glanzen.evening.Stretches.Sort;
import glanzen.gluing.Building.CardStep;
import glanzen.plan.Job;
import glanzen.plan.Operation;
import glanzen.schedule.Task.After;
import glanzen.steps.Hands;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Cards put together, some at a time: while one lies under its weight, hands glue the same piece on the next. What is left of a weight's
 * time when the last of them is glued is waited for, with hands free for something else.
 */
final class Assembling {

    /** More than these do not lie under weights beside each other. */
    private static final int MOST_CARDS = 12;
    /** Rather a batch by so much longer than one that is too small to hide a weight's time. */
    private static final double LONGER = 1.25;
    /** A wait as short as this is stood through, s. */
    private static final double STOOD_SECONDS = 60;

    /**
     * Steps up to one that wants a weight.
     *
     * @param from the first of them, counted from 1
     * @param to the last
     * @param seconds of hands for one card, s
     * @param waitSeconds how long it then lies under a weight, s
     */
    private record Phase(int from, int to, double seconds, double waitSeconds) {

        /** What is left of its weight's time when so many cards have gone through it, before the first goes on, s. */
        double leftSeconds(Phase next, int cards) {
            return Math.max(0, waitSeconds - (cards - 1) * Math.min(seconds, next.seconds));
        }
    }

    /**
     * Phases that hands do without leaving.
     *
     * @param seconds for all cards of a batch, s
     * @param waitSeconds what is then waited for, s
     */
    private record Go(int from, int to, double seconds, double waitSeconds) {}

    private final Stretches stretches;
    private final Wanted wanted;
    private final List<Phase> phases;

    private Assembling(Stretches stretches, Wanted wanted) {
        this.stretches = stretches;
        this.wanted = wanted;
        this.phases = phases(wanted, stretches.factor(sort("Put the cards together", 0)));
    }

    private Sort sort(String title, double eachSeconds) {
        return Sort.byHand(wanted, new Name(title, wanted.job().name(), "Assemble"), eachSeconds);
    }

    /** The name of some phases, by the pieces that are glued in them. */
    private String title(Go go) {
        List<String> glued = wanted
                .steps()
                .subList(go.from - 1, Math.min(go.to, wanted.steps().size()))
                .stream()
                .filter(s -> s.waitMinutes() > 0)
                .map(CardStep::title)
                .toList();
        if (glued.isEmpty()) {
            return "Finish the cards";
        }
        return "Glue " + glued.get(0) + (glued.size() > 1 ? " and " + (glued.size() - 1) + " more" : "");
    }

    /** All cards of a job; nothing where nobody wants them put together. */
    static void add(Stretches stretches, Wanted wanted, List<Before> pieces) {
        boolean wantsIt = !wanted.steps().isEmpty()
                || wanted.job().pieces().stream()
                        .flatMap(p -> p.operations().stream())
                        .anyMatch(o -> o.kind() == Operation.Kind.ASSEMBLE);
        if (wantsIt) {
            new Assembling(stretches, wanted).add(pieces);
        }
    }

    private static List<Phase> phases(Wanted wanted, double pace) {
        List<CardStep> steps = wanted.steps();
        if (steps.isEmpty()) {
            return List.of(new Phase(
                    1, 1, pace * Hands.GLUE.seconds() * wanted.job().pieces().size(), 0));
        }
        List<Phase> all = new ArrayList<>();
        double seconds = -folded(wanted.job());
        int from = 1;
        for (int n = 1; n <= steps.size(); n++) {
            CardStep step = steps.get(n - 1);
            seconds += step.seconds();
            if (step.waitMinutes() > 0 || n == steps.size()) {
                all.add(new Phase(from, n, pace * Math.max(1, seconds), 60 * step.waitMinutes()));
                seconds = 0;
                from = n + 1;
            }
        }
        return all;
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

    private void add(List<Before> pieces) {
        int cards = wanted.job().cards();
        int batches = (int) Math.ceil(cards / ((phases.size() > 1 ? LONGER : 1) * atOnce()));
        List<Made> before = List.of();
        for (int b = 0; b < batches; b++) {
            Extent extent = new Extent(cards * b / batches + 1, cards * (b + 1) / batches, cards);
            before = batch(extent, pieces, before);
        }
    }

    /** As many as hide the weights' times, or fill a stretch where none is wanted. */
    private int atOnce() {
        double seconds = phases.stream().mapToDouble(Phase::seconds).sum();
        int some = (int) Math.max(1, Stretches.STRETCH_SECONDS / seconds);
        while (some < MOST_CARDS && !hidden(some)) {
            some++;
        }
        return some;
    }

    /** Whether hands that put so many cards together need not wait, but for a last look. */
    private boolean hidden(int cards) {
        for (int n = 0; n + 2 < phases.size(); n++) {
            if (phases.get(n).leftSeconds(phases.get(n + 1), cards) > STOOD_SECONDS) {
                return false;
            }
        }
        return true;
    }

    /** @param ahead the batch before, which is ahead in each step */
    private List<Made> batch(Extent extent, List<Before> pieces, List<Made> ahead) {
        int cards = extent.count();
        List<Go> goes = goes(cards);
        List<Made> made = new ArrayList<>();
        for (int n = 0; n < goes.size(); n++) {
            Go go = goes.get(n);
            List<After> after = new ArrayList<>();
            // Whatever is first assembled needs all pieces of its cards, and each as dry as it must be.
            List<Before> first = n == 0 ? pieces : List.of();
            if (n > 0) {
                int least = (int) Math.ceil(goes.get(n - 1).waitSeconds);
                after.add(new After(made.get(n - 1).task(), least, After.ANY_TIME));
            }
            if (!ahead.isEmpty()) {
                after.add(After.of(ahead.get(Math.min(n, ahead.size() - 1)).task()));
            }
            String title = goes.size() == 1 ? "Put the cards together" : title(go);
            made.add(stretches.one(sort(title, go.seconds / cards), extent, first, after));
        }
        return made;
    }

    /** Phases in one go, until one is to be waited for or hands have stood long enough. */
    private List<Go> goes(int cards) {
        List<Go> all = new ArrayList<>();
        @Nullable Go go = null;
        for (int n = 0; n < phases.size(); n++) {
            Phase phase = phases.get(n);
            double left = n + 1 < phases.size() ? phase.leftSeconds(phases.get(n + 1), cards) : 0;
            double stood = left <= STOOD_SECONDS ? left : 0;
            double seconds = cards * phase.seconds + stood;
            boolean joins =
                    go != null && go.waitSeconds == 0 && go.seconds + seconds <= LONGER * Stretches.STRETCH_SECONDS;
            if (go != null && !joins) {
                all.add(go);
            }
            go = joins
                    ? new Go(go.from, phase.to, go.seconds + seconds, left - stood)
                    : new Go(phase.from, phase.to, seconds, left - stood);
        }
        if (go != null) {
            all.add(go);
        }
        return all;
    }
}
