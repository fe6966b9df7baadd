/**
 * What logged pulls, and strips of card in the rollers, tell about a rig: new weights on an ensemble. It moves nothing
 * but the ensemble it is given; where pulls come from is for others to guard.
 */
@NullMarked
package glanzen.learning;

import org.jspecify.annotations.NullMarked;
