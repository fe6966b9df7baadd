/** Shapes laid on a sheet or a board beside each other, and in how few passes all of them are done. */
@NullMarked
package glanzen.packing;

import org.jspecify.annotations.NullMarked;
