/**
 * How a pull would look: sheen on stock, what is bare and what is over, cuts and relief. Pixels out of doses; it computes no physics
 * of its own.
 */
@NullMarked
package glanzen.picture;

import org.jspecify.annotations.NullMarked;
