package glanzen.inspect;

/**
 * A measured figure and how far it may be off: nine of ten lie within twice that.
 *
 * @param give plus or minus, in the same unit
 */
public record Figure(double value, double give) {}
