/** Raised shapes of plates: generated motifs, raised width per slice, raster with distances. */
@NullMarked
package glanzen.artwork;

import org.jspecify.annotations.NullMarked;
