/**
 * Leftovers over HTTP: which still has foil for a plate, patchwork, and what a negative is good for.
 */
@NullMarked
package glanzen.app.leftover;

import org.jspecify.annotations.NullMarked;
