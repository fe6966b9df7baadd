package glanzen.artwork;

/**
 * Part of a design whose slices across the feed carry about the same raised width.
 *
 * @param widthMm raised width b under the nip, mm
 * @param share share of the design's raised area, 0…1
 */
public record Band(double widthMm, double share) {}
