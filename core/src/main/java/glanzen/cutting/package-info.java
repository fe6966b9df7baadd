/**
 * What is cut into what: the cut list of a layout, sheets into pieces, the die of a nested set that clears a design, and where a top
 * plate ends for a partial cut. Millimetres, cards and sheets. It knows nothing of force.
 */
@NullMarked
package glanzen.cutting;

import org.jspecify.annotations.NullMarked;
