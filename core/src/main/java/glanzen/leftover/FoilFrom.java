package glanzen.leftover;

/**
 * Where on a leftover the foil for a plate comes from.
 *
 * @param leftoverId which leftover
 * @param xMm middle of the plate on it, from its left edge, mm
 * @param yMm the same from its lower edge, mm
 * @param degrees how the plate lies turned on it, anticlockwise
 */
public record FoilFrom(String leftoverId, double xMm, double yMm, double degrees) {}
