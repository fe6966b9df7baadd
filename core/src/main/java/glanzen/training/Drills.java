package glanzen.training;

import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Makes drills from seeds: the same seed and the same workshop make the same drill. */
public final class Drills {

    private Drills() {}

    /**
     * The drill of a seed.
     *
     * @param workshops what it may be made of; the first that has what it takes
     * @return nothing if none has
     */
    public static Optional<Drill> of(long seed, List<Workshop> workshops) {
        return workshops.stream().flatMap(w -> of(seed, w).stream()).findFirst();
    }

    private static Optional<Drill> of(long seed, Workshop workshop) {
        Topic topic = Topic.of(seed);
        Random luck = new Random(seed * 0x9E3779B97F4A7C15L + 11);
        luck.nextDouble();
        return switch (topic.skill()) {
            case READING ->
                Slip.named(topic.key())
                        .map(slip -> new SlipDrills(workshop).of(topic, slip, seed))
                        .orElseGet(() -> new ReadingDrills(workshop).of(topic, seed));
            case MOVES -> Optional.of(new BenchDrills(workshop).move(topic, luck));
            case ORDER -> new BenchDrills(workshop).order(topic, luck);
            case SQUEEZE -> new GuessDrills(workshop).squeeze(topic, luck);
            case SOAK -> new GuessDrills(workshop).soak(topic, luck);
            case BUILD -> new BuildDrills(workshop).build(topic, luck);
            case HOW_MANY -> new GuessDrills(workshop).howMany(topic, luck, seed);
            case LEFTOVER -> new LayingDrills(workshop).leftover(topic, luck);
            case RIBBON -> new LayingDrills(workshop).ribbon(topic, luck);
            case TURNED -> Optional.of(new LayingDrills(workshop).turned(topic, luck));
        };
    }
}
