package glanzen.training;

import glanzen.learning.Fault;
import glanzen.picture.Picture;
import glanzen.route.Route;
import glanzen.simulate.Mishap;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.Optional;
import java.util.Random;

/** What goes wrong by hand, before or after a pull that was good in itself: no cause of too little or too much. */
enum Slip {
    ASKEW("Somebody laid several words, pulled this and put it in front of you.", Fault.ASKEW) {
        @Override
        Picture seen(Picture pull, long seed) {
            Random luck = new Random(seed);
            double degrees = (4 + 5 * luck.nextDouble()) * (luck.nextBoolean() ? 1 : -1);
            return turned(pull, degrees, false);
        }
    },
    UPSIDE_DOWN(
            "Somebody glued this on a card and put it in front of you; the line is its fold, at the top.",
            "nothing marked which side is up when it was glued",
            "a small mark on the back, top left, before anything is glued") {
        @Override
        Picture seen(Picture pull, long seed) {
            return turned(pull, 180, true);
        }

        @Override
        Picture good(Picture pull) {
            return turned(pull, 0, true);
        }
    },
    FLATTENED("Somebody foiled this, embossed it after that, and put it in front of you.", Fault.FLATTENED) {
        @Override
        Picture seen(Picture pull, long seed) {
            return Mishap.dulled(pull, seed);
        }
    };

    private static final Color FOLD = new Color(0x8a, 0x84, 0x78);

    private final String says;
    private final String cause;
    private final String next;

    Slip(String says, Fault fault) {
        this(says, fault.cause(), fault.next());
    }

    Slip(String says, String cause, String next) {
        this.says = says;
        this.cause = cause;
        this.next = next;
    }

    /** The slip of a name; nothing if it is none. */
    static Optional<Slip> named(String name) {
        return Arrays.stream(values()).filter(s -> s.name().equals(name)).findFirst();
    }

    /** Whether it can be shown on what a route makes: on foil. */
    boolean shows(Route route) {
        return this == ASKEW
                ? Fault.ASKEW.routes().contains(route)
                : route.film().isPresent();
    }

    String says() {
        return says;
    }

    String cause() {
        return cause;
    }

    String next() {
        return next;
    }

    /** What is seen of a good pull after it. */
    abstract Picture seen(Picture pull, long seed);

    /** What is seen without it. */
    Picture good(Picture pull) {
        return pull;
    }

    /** A picture turned on ground of its own colour. */
    private static Picture turned(Picture pull, double degrees, boolean folded) {
        return (widthPx, heightPx) -> {
            BufferedImage straight = pull.draw(widthPx, heightPx);
            BufferedImage turned = new BufferedImage(widthPx, heightPx, BufferedImage.TYPE_INT_RGB);
            Graphics2D g = turned.createGraphics();
            g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
            g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            g.setColor(new Color(straight.getRGB(0, 0)));
            g.fillRect(0, 0, widthPx, heightPx);
            g.rotate(Math.toRadians(degrees), widthPx / 2.0, heightPx / 2.0);
            g.drawImage(straight, 0, 0, null);
            g.rotate(-Math.toRadians(degrees), widthPx / 2.0, heightPx / 2.0);
            if (folded) {
                g.setColor(FOLD);
                g.setStroke(new BasicStroke(Math.max(2, heightPx / 100)));
                g.drawLine(0, heightPx / 40, widthPx, heightPx / 40);
            }
            g.dispose();
            return turned;
        };
    }
}
