/**
 * Gel panels that dry on the bench, and when each is clear, sound and too late, by the core's law of drying.
 */
@NullMarked
package glanzen.app.drying;

import org.jspecify.annotations.NullMarked;
