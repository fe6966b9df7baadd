package glanzen.artwork;

import org.locationtech.jts.geom.Geometry;

/**
 * A make-ready patch: a small piece of card or tissue behind the sheet that evens out pressure.
 *
 * @param area where it lies, in the artwork's own place, mm
 * @param thicknessMm its thickness, mm
 */
public record Patch(Geometry area, double thicknessMm) {}
