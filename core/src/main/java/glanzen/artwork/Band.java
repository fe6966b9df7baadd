package glanzen.artwork;

import java.util.List;

/**
 * Part of a design whose slices across the feed carry about the same raised width.
 *
 * @param widthMm raised width b under the nip, mm
 * @param share share of the design's raised area, 0…1
 * @param spots where across the throat it lies; their shares sum to 1
 */
public record Band(double widthMm, double share, List<Spot> spots) {

    /**
     * A sample of a band.
     *
     * @param awayMm distance from the middle of the throat, mm
     * @param share share of the band it stands for, 0…1
     * @param patchMm thickness of the make-ready patch behind it, mm; 0 where there is none
     */
    public record Spot(double awayMm, double share, double patchMm) {}

    public Band {
        spots = List.copyOf(spots);
    }

    /** Whether a patch lies behind any of it. */
    public boolean patched() {
        return spots.stream().anyMatch(s -> s.patchMm() > 0);
    }
}
