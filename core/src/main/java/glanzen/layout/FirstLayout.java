package glanzen.layout;

import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import java.util.List;

/** Where things lie to begin with: the plate in the middle of a piece that goes through the press. */
public final class FirstLayout {

    private static final double RIBBON_MM = 300;

    private FirstLayout() {}

    /** A card is halved until it fits platform and throat; a ribbon runs along the feed. */
    public static Layout of(Plate plate, Stock stock, Platform platform, Press press, Fixing method) {
        boolean ribbon = stock.kind() == Stock.Kind.RIBBON;
        Piece piece = ribbon
                ? new Piece(Math.min(RIBBON_MM, stock.heightMm()), Math.max(5, stock.widthMm()), 0)
                : halved(stock, platform, press);
        PlatformPose bed = new PlatformPose(0, 0, ribbon ? 1 : 0, FlipAxis.SIDEWAYS);
        return new Layout(piece, bed, method, HangingEnd.NEITHER, List.of(Placed.centred(plate)), List.of(), List.of());
    }

    private static Piece halved(Stock stock, Platform platform, Press press) {
        double width = stock.widthMm();
        double height = stock.heightMm();
        double roomAcross = Math.min(platform.widthMm(), press.throatMm());
        while (Math.min(width, height) > roomAcross || Math.max(width, height) > platform.heightMm()) {
            if (width > height) {
                width /= 2;
            } else {
                height /= 2;
            }
        }
        return width <= roomAcross ? new Piece(width, height, 0) : new Piece(height, width, 0);
    }
}
