/**
 * Where things lie on a piece: placement constraints and their words, the turned-over platform, measures between plates,
 * ribbon. A layout keeps no positions but what holds each plate, so it stays true when the piece changes size.
 * Millimetres from the lower left of the piece. It knows nothing of force or heat.
 */
@NullMarked
package glanzen.layout;

import org.jspecify.annotations.NullMarked;
