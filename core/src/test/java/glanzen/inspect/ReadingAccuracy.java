package glanzen.inspect;

import glanzen.diagnosis.Verdict;
import glanzen.material.Colour;
import glanzen.photograph.Photograph;
import glanzen.route.Standard;
import glanzen.simulate.Bent;
import glanzen.simulate.Camera;
import glanzen.simulate.Camera.Conditions;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;

/** How true readings are: run by hand, its figures are in docs/benchmarks.md. */
final class ReadingAccuracy {

    private ReadingAccuracy() {}

    public static void main(String[] args) throws IOException {
        int count = Integer.parseInt(args[0]);
        if (args[1].equals("unreadable")) {
            unreadable(count, Long.parseLong(args[2]));
            return;
        }
        boolean phone = !args[1].equals("scan");
        long from = args.length > 2 ? Long.parseLong(args[2]) : 5000;
        List<double[]> errors = new ArrayList<>();
        int refused = 0;
        int sameVerdict = 0;
        for (int n = 0; n < count; n++) {
            long seed = from + n * 13L;
            Random luck = new Random(seed * 0x9E3779B97F4A7C15L);
            luck.nextDouble();
            luck.nextDouble();
            double lnDose = 0.2 + 2.0 * luck.nextDouble();
            double ghost = luck.nextInt(6) == 0 ? 0.25 + 0.4 * luck.nextDouble() : 0;
            SimulatedPulls.Pull pull = SimulatedPulls.pull(n, lnDose, ghost, seed);
            Camera camera = SimulatedPulls.camera(pull);
            if (args[1].equals("bent")) {
                camera = camera.seeing(new Bent(
                        1 + 5 * luck.nextDouble(),
                        luck.nextBoolean(),
                        SimulatedPulls.CARD_W * luck.nextDouble(),
                        SimulatedPulls.CARD_H * (1.5 * luck.nextDouble() - 0.25)));
            }
            Conditions how = phone
                    ? Conditions.phone(3000, 4000, luck)
                    : Conditions.scan(SimulatedPulls.CARD_W, SimulatedPulls.CARD_H, 300 / 25.4, luck);
            BufferedImage image = jpeg(camera.shoot(how, seed), phone ? 0.88f : 0.95f);
            long started = System.nanoTime();
            String line = String.format(
                    "%3d d%-2d %06x/%06x",
                    n, n % 12, pull.colours().foil(), pull.colours().stock());
            try {
                Reading r = new PictureReader(pull.expected()).read(List.of(Photograph.of(image)), null);
                double seconds = (System.nanoTime() - started) / 1e9;
                double stray = SimulatedPulls.strayMm(pull, r.views().get(0).design(), camera.corners(how, seed));
                Measures t = pull.truth();
                Verdict.Action is = verdict(pull, t);
                Verdict.Action read = verdict(pull, r.all());
                sameVerdict += is == read ? 1 : 0;
                double[] e = {
                    100 * (r.all().coverage().value() - t.coverage().value()),
                    r.all().spillMm().value() - t.spillMm().value(),
                    stray,
                    r.all().ghostMm().value() - t.ghostMm().value(),
                    100 * r.all().coverage().give(),
                    r.all().spillMm().give(),
                    seconds
                };
                errors.add(e);
                System.out.printf(
                        "%s cov %5.1f (%+.2f ±%.2f) spill %.2f (%+.3f ±%.3f) reg %.3f ghost %.2f (%+.2f) clear %.0f soft %.2f agree %.2f corners %s %.1fs %s%n",
                        line,
                        100 * t.coverage().value(),
                        e[0],
                        e[4],
                        t.spillMm().value(),
                        e[1],
                        e[5],
                        stray,
                        t.ghostMm().value(),
                        e[3],
                        r.clearness(),
                        r.softMm(),
                        r.place().agreement(),
                        r.views().get(0).corners() != null,
                        seconds,
                        is == read ? is : is + " READ AS " + read);
            } catch (Unreadable no) {
                refused++;
                System.out.println(line + " REFUSED " + no.reason());
            }
        }
        String[] names = {"coverage, points", "spill, mm", "registration, mm", "ghost, mm"};
        for (int k = 0; k < names.length; k++) {
            int at = k;
            double bias = errors.stream().mapToDouble(e -> e[at]).average().orElse(0);
            double rms = Math.sqrt(
                    errors.stream().mapToDouble(e -> e[at] * e[at]).average().orElse(0));
            double worst =
                    errors.stream().mapToDouble(e -> Math.abs(e[at])).max().orElse(0);
            System.out.printf("%-18s bias %+.3f rms %.3f worst %.3f%n", names[k], bias, rms, worst);
        }
        System.out.printf(
                "coverage within 2x of give %.3f, spill %.3f, refused %d of %d, seconds mean %.2f%n",
                errors.stream().filter(e -> Math.abs(e[0]) <= 2 * e[4]).count() / (double) errors.size(),
                errors.stream().filter(e -> Math.abs(e[1]) <= 2 * e[5]).count() / (double) errors.size(),
                refused,
                count,
                errors.stream().mapToDouble(e -> e[6]).average().orElse(0));
        System.out.printf("verdict as of the truth %d of %d%n", sameVerdict, count);
    }

    private static Verdict.Action verdict(SimulatedPulls.Pull pull, Measures m) {
        Standard standard = pull.setUp()
                .route()
                .standard()
                .counting(pull.expected().artwork().counterMm());
        Colour foil = Colour.of("#%06x".formatted(pull.colours().foil()));
        return Verdict.of(
                        m,
                        m,
                        standard,
                        foil.difference(
                                Colour.of("#%06x".formatted(pull.colours().stock()))))
                .action();
    }

    /** Pictures that nothing can be read from: how many are refused, by what is wrong with them. */
    private static void unreadable(int count, long from) throws IOException {
        String[] wrong = {"dark", "blurred", "washed out", "another design", "no sheet", "far off"};
        int[] refused = new int[wrong.length];
        for (int n = 0; n < count; n++) {
            int kind = n % wrong.length;
            Random luck = new Random(from + n);
            SimulatedPulls.Pull asked = SimulatedPulls.pull(n / wrong.length, 1.2, 0, from + n);
            SimulatedPulls.Pull taken = kind == 3
                    ? SimulatedPulls.pull(n / wrong.length + 1 + luck.nextInt(3), 1.2, 0, from + n)
                    : kind == 4
                            ? SimulatedPulls.seen(
                                    asked, new boolean[asked.mask().foiled().length])
                            : kind == 2 ? onWhite(asked) : asked;
            Conditions c = Conditions.phone(1500, 2000, luck);
            c = switch (kind) {
                case 0 -> with(c, c.filled(), 0.004 + 0.02 * luck.nextDouble(), c.blurPx(), c.bench());
                case 1 -> with(c, c.filled(), c.light(), 10 + 20 * luck.nextDouble(), c.bench());
                case 2 -> with(c, c.filled(), 3 + 5 * luck.nextDouble(), c.blurPx(), c.bench());
                case 4 ->
                    with(c, c.filled(), c.light(), c.blurPx(), asked.colours().stock());
                case 5 -> with(c, 0.05 + 0.04 * luck.nextDouble(), c.light(), c.blurPx(), c.bench());
                default -> c;
            };
            BufferedImage image = jpeg(SimulatedPulls.camera(taken).shoot(c, from + n), 0.88f);
            String said = "READ";
            try {
                Reading r = new PictureReader(asked.expected()).read(List.of(Photograph.of(image)), null);
                said += String.format(
                        " agree %.2f clear %.0f soft %.2f", r.place().agreement(), r.clearness(), r.softMm());
            } catch (Unreadable no) {
                refused[kind]++;
                said = no.reason().toString();
            }
            System.out.printf(
                    "%3d d%d %06x/%06x %s: %s%n",
                    n,
                    n / wrong.length % 12,
                    asked.colours().foil(),
                    asked.colours().stock(),
                    wrong[kind],
                    said);
        }
        for (int k = 0; k < wrong.length; k++) {
            System.out.printf("%-14s refused %d of %d%n", wrong[k], refused[k], count / wrong.length);
        }
    }

    private static SimulatedPulls.Pull onWhite(SimulatedPulls.Pull p) {
        SimulatedPulls.Colours white = new SimulatedPulls.Colours(p.colours().foil(), 0xfafafa);
        return new SimulatedPulls.Pull(p.setUp(), p.model(), p.expected(), p.mask(), white, p.truth());
    }

    private static Conditions with(Conditions c, double filled, double light, double blurPx, int bench) {
        return new Conditions(
                c.widthPx(),
                c.heightPx(),
                filled,
                c.tilt(),
                c.turnDegrees(),
                light,
                c.falloff(),
                c.glare(),
                c.noise(),
                blurPx,
                bench);
    }

    static BufferedImage jpeg(BufferedImage image, float quality) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpg").next();
        ImageWriteParam how = writer.getDefaultWriteParam();
        how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        how.setCompressionQuality(quality);
        writer.setOutput(ImageIO.createImageOutputStream(out));
        writer.write(null, new IIOImage(image, null, null), how);
        writer.dispose();
        return ImageIO.read(new ByteArrayInputStream(out.toByteArray()));
    }
}
