package glanzen.training;

import glanzen.diagnosis.Cause;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * One thing to be learned, which comes back until it sits.
 *
 * @param key tells it from the others of its skill: a cause, a slip of the hand, a move at the bench, or a shape of the question
 */
public record Topic(Skill skill, String key) {

    private static final List<Topic> ALL = List.copyOf(all());

    private static List<Topic> all() {
        List<Topic> all = new ArrayList<>();
        // That nothing is wrong is seen once it is known how too little and too much look.
        List<Cause> causes = new ArrayList<>(List.of(Cause.TOO_LITTLE, Cause.TOO_MUCH, Cause.AS_SET));
        Arrays.stream(Cause.values()).filter(c -> !causes.contains(c)).toList().forEach(causes::add);
        causes.forEach(cause -> all.add(new Topic(Skill.READING, cause.name())));
        for (Slip slip : Slip.values()) {
            all.add(new Topic(Skill.READING, slip.name()));
        }
        for (BenchMove move : BenchMove.values()) {
            all.add(new Topic(Skill.MOVES, move.name()));
        }
        for (Skill skill : Skill.values()) {
            int shapes = skill == Skill.READING || skill == Skill.MOVES
                    ? 0
                    : skill == Skill.BUILD || skill == Skill.HOW_MANY ? 3 : 2;
            for (int n = 1; n <= shapes; n++) {
                all.add(new Topic(skill, Integer.toString(n)));
            }
        }
        return all;
    }

    /** Everything there is to learn. */
    public static List<Topic> everything() {
        return ALL;
    }

    /** The topic of a seed. */
    public static Topic of(long seed) {
        return ALL.get(Math.floorMod(seed, ALL.size()));
    }

    /**
     * A seed for a drill on it.
     *
     * @param turn which of its drills; every second one hides what its set-up was
     */
    public long seed(long turn) {
        return turn * ALL.size() + ALL.indexOf(this);
    }

    /** Whether the drill of a seed shows the set-up it was pulled with; what sits is asked without. */
    public static boolean shown(long seed) {
        return Math.floorMod(Math.floorDiv(seed, ALL.size()), 2) == 0;
    }

    /** The topic of a name; nothing if there is none any more. */
    public static Optional<Topic> named(String name) {
        return ALL.stream().filter(t -> t.name().equals(name)).findFirst();
    }

    /** Its key among all. */
    public String name() {
        return skill + ":" + key;
    }
}
