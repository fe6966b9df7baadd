package glanzen.training;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * When a topic comes back: spaced repetition by the SM-2 scheme (P. A. Woźniak, Optimization of learning, 1990): a day after it was first
 * right, six days after the second time, and then by a factor that grows with what was sure and shrinks with what was not; what was wrong
 * begins anew. In between it is forgotten so that at the end of its interval nine in ten are still right, the aim of that scheme.
 */
public final class Repetition {

    private static final double DAY = 86_400;
    private static final double FIRST_DAYS = 1;
    private static final double SECOND_DAYS = 6;
    private static final double EASE = 2.5;
    private static final double LEAST_EASE = 1.3;
    private static final double HELD = 0.9;
    /** So soon what was wrong is asked again. */
    private static final double AGAIN_DAYS = 10 / 1440.0;

    /** So many of the latest answers tell how well a topic sits. */
    private static final int LATEST = 6;

    /** The same thing is not asked twice among so many. */
    private static final int APART = 3;

    /** Grades of the scheme: wrong, right with doubt, right and sure. */
    private static final int WRONG = 1;

    private static final int DOUBTED = 3;
    private static final int SURE = 5;

    private final Map<Topic, List<Answered>> answers = new HashMap<>();
    private final List<Answered> all;

    /** @param answers everything that was answered, oldest first */
    public Repetition(List<Answered> answers) {
        all = List.copyOf(answers);
        all.forEach(a ->
                this.answers.computeIfAbsent(a.topic(), t -> new ArrayList<>()).add(a));
    }

    private record State(int inARow, double days, double ease) {

        State after(Answered a) {
            int q = a.right() ? a.sure() ? SURE : DOUBTED : WRONG;
            double changed = Math.max(LEAST_EASE, ease + 0.1 - (SURE - q) * (0.08 + (SURE - q) * 0.02));
            if (q < DOUBTED) {
                return new State(0, AGAIN_DAYS, changed);
            }
            double next = inARow == 0 ? FIRST_DAYS : inARow == 1 ? SECOND_DAYS : days * changed;
            return new State(inARow + 1, next, changed);
        }
    }

    private State state(Topic topic) {
        State state = new State(0, 0, EASE);
        for (Answered a : answers.getOrDefault(topic, List.of())) {
            state = state.after(a);
        }
        return state;
    }

    /** How often a topic was met. */
    public int seen(Topic topic) {
        return answers.getOrDefault(topic, List.of()).size();
    }

    /** Whether a topic was right twice running: it is asked without its set-up from then on. */
    public boolean sits(Topic topic) {
        return state(topic).inARow >= 2;
    }

    /** When a topic comes back; nothing if it was never met. */
    public Optional<Instant> due(Topic topic) {
        List<Answered> met = answers.getOrDefault(topic, List.of());
        return met.isEmpty()
                ? Optional.empty()
                : Optional.of(met.get(met.size() - 1).at().plusSeconds((long) (state(topic).days * DAY)));
    }

    /**
     * How likely a topic would be right at a moment: as often as it lately was, less what is forgotten by then. What was never met is even.
     *
     * @return 0…1
     */
    public double likely(Topic topic, Instant at) {
        List<Answered> met = answers.getOrDefault(topic, List.of());
        if (met.isEmpty()) {
            return 0.5;
        }
        List<Answered> latest = met.subList(Math.max(0, met.size() - LATEST), met.size());
        double right = latest.stream().filter(Answered::right).count();
        double days =
                Math.max(0, Duration.between(met.get(met.size() - 1).at(), at).toSeconds() / DAY);
        double interval = Math.max(FIRST_DAYS, state(topic).days);
        return (right + 1) / (latest.size() + 2) * Math.pow(HELD, days / interval);
    }

    /** What to ask now: what is due, weakest first; else what was never met, in the order of the craft; else the weakest. */
    public Topic next(List<Topic> topics, Instant now) {
        List<Topic> lately = all.subList(Math.max(0, all.size() - APART), all.size()).stream()
                .map(Answered::topic)
                .toList();
        List<Topic> open = topics.stream().filter(t -> !lately.contains(t)).toList();
        Comparator<Topic> weakest = Comparator.comparingDouble(t -> likely(t, now));
        return open.stream()
                .filter(t -> due(t).filter(d -> !d.isAfter(now)).isPresent())
                .min(weakest)
                .or(() -> open.stream().filter(t -> seen(t) == 0).min(Comparator.comparing(this::metOfSkill)))
                .or(() -> open.stream().min(weakest))
                .orElse(topics.get(0));
    }

    /** Skills take turns: the one that was met least comes first, in their order. */
    private Integer metOfSkill(Topic topic) {
        int met = (int)
                all.stream().filter(a -> a.topic().skill() == topic.skill()).count();
        return met * Skill.values().length + topic.skill().ordinal();
    }

    /** How many are due. */
    public long due(Instant now) {
        return answers.keySet().stream()
                .filter(t -> due(t).filter(d -> !d.isAfter(now)).isPresent())
                .count();
    }
}
