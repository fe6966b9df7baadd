/**
 * The raised or open shapes of tools: generated motifs, lettering, outlines read from SVG; their width per slice and
 * place across, their raster and distances. Millimetres, origin at the lower left. It knows neither plates nor what
 * presses them.
 */
@NullMarked
package glanzen.artwork;

import org.jspecify.annotations.NullMarked;
