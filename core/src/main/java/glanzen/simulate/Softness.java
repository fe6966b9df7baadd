package glanzen.simulate;

import java.util.stream.IntStream;

/** What a lens that is not quite in focus does to a picture. */
final class Softness {

    private Softness() {}

    /**
     * Three running means come near enough to a bell.
     *
     * @param sigmaPx deviation of the blur, px
     */
    static void blur(float[] channel, int width, double sigmaPx) {
        if (sigmaPx < 0.3) {
            return;
        }
        double share = Math.min(0.33, sigmaPx * sigmaPx / 2 / Math.ceil(sigmaPx * sigmaPx * 1.6));
        int rounds = (int) Math.ceil(sigmaPx * sigmaPx * 1.6);
        int height = channel.length / width;
        for (int round = 0; round < rounds; round++) {
            smear(channel, height, width, width, 1, (float) share);
            smear(channel, width, height, 1, width, (float) share);
        }
    }

    /** One step of diffusion along lines: each gives a share to both neighbours. */
    private static void smear(float[] channel, int lines, int length, int line, int step, float share) {
        IntStream.range(0, lines).parallel().forEach(n -> {
            int at = n * line;
            float before = channel[at];
            for (int i = 0; i < length; i++, at += step) {
                float here = channel[at];
                float after = i + 1 < length ? channel[at + step] : here;
                channel[at] = here + share * (before - 2 * here + after);
                before = here;
            }
        });
    }
}
