package glanzen.steps;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;

/**
 * The shortest steady round of a batch with one pair of hands: while one pull soaks, the one before is peeled and the next is made
 * ready. A round is the chain of one pull; what else hands must do lies in the stretches where the chain leaves them free, or lengthens
 * the round. There are so few ways that all are tried, so that it is exact.
 *
 * @param seconds from one pull to the next, s
 * @param oneByOneSeconds the same if each were finished before the next is begun, s
 * @param idleSeconds hands idle in a round, s
 * @param meanwhile what is done while hands are free
 * @param cooling how many pulls cool at once
 */
public record Cycle(double seconds, double oneByOneSeconds, double idleSeconds, List<Side> meanwhile, int cooling) {

    public Cycle {
        meanwhile = List.copyOf(meanwhile);
    }

    /** A stretch of the chain: with hands, or without. */
    public record Stretch(double seconds, boolean hands) {}

    /**
     * Something hands do once for each pull besides its chain.
     *
     * @param what in words
     * @param seconds how long, s
     * @param cooled whether the pull must have cooled
     * @param needed whether it belongs to the round; else it is done if there is room for it
     */
    public record Side(String what, double seconds, boolean cooled, boolean needed) {}

    /**
     * Finds it.
     *
     * @param chain of one pull, from laying it to the next
     * @param sides what else is to be done
     * @param coolSeconds from the end of the chain until it can be peeled, s
     * @param places how many can cool at once, at least 1
     */
    public static Cycle of(List<Stretch> chain, List<Side> sides, double coolSeconds, int places) {
        return new Search(chain, coolSeconds, places).best(sides);
    }

    private static final class Search {
        private final double chain;
        private final double coolSeconds;
        private final int places;
        /** Where free stretches begin, and how long they are. */
        private final List<double[]> free = new ArrayList<>();

        Search(List<Stretch> stretches, double coolSeconds, int places) {
            double at = 0;
            for (Stretch s : stretches) {
                if (!s.hands()) {
                    free.add(new double[] {at, s.seconds()});
                }
                at += s.seconds();
            }
            this.chain = at;
            this.coolSeconds = coolSeconds;
            this.places = places;
        }

        Cycle best(List<Side> sides) {
            List<Side> needed = sides.stream().filter(Side::needed).toList();
            double least = round(needed);
            List<Side> done = new ArrayList<>(needed);
            for (Side side : sides) {
                if (!side.needed()) {
                    done.add(side);
                    if (round(done) > least + 1e-9) {
                        done.remove(side);
                    }
                }
            }
            double busy = done.stream().mapToDouble(Side::seconds).sum();
            double open = free.stream().mapToDouble(f -> f[1]).sum();
            double alone = chain
                    + coolSeconds
                    + needed.stream().mapToDouble(Side::seconds).sum();
            int cooling = (int) Math.max(1, Math.ceil(coolSeconds / least));
            return new Cycle(least, alone, Math.max(0, least - (chain - open) - busy), done, cooling);
        }

        /** The shortest round with all of some sides in it, s. */
        private double round(List<Side> sides) {
            List<Double> rounds = new ArrayList<>();
            lay(sides, 0, new double[free.size() + 1], 0, rounds);
            return rounds.stream().min(Comparator.naturalOrder()).orElseThrow();
        }

        /**
         * @param used how much of each free stretch is taken, and last what lengthens the round
         * @param cooled the least round that lets everything cool
         */
        private void lay(List<Side> sides, int n, double[] used, double cooled, List<Double> rounds) {
            if (n == sides.size()) {
                rounds.add(Math.max(chain + used[free.size()], cooled));
                return;
            }
            Side side = sides.get(n);
            for (int f = 0; f <= free.size(); f++) {
                boolean last = f == free.size();
                if (!last && used[f] + side.seconds() > free.get(f)[1] + 1e-9) {
                    continue;
                }
                double at = (last ? chain : free.get(f)[0]) + used[f];
                used[f] += side.seconds();
                // It cools from the end of its chain; with so many places the one that is peeled may be that many
                // rounds old.
                double waits = side.cooled() ? (coolSeconds + chain - at) / places : 0;
                lay(sides, n + 1, used, Math.max(cooled, waits), rounds);
                used[f] -= side.seconds();
            }
        }
    }

    /** What is done meanwhile, in words. */
    public List<String> says() {
        return meanwhile.stream().map(Side::what).filter(Objects::nonNull).toList();
    }
}
