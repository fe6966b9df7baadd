/**
 * Why a pull came out as it did, and what to do about it: what is seen on it as a few signs, how likely each cause would show them by
 * simulating it, what to do with this pull, and the one change that helps or tells most. It is told what was seen, by a picture or by
 * ticks, and does not know which.
 */
@NullMarked
package glanzen.diagnosis;

import org.jspecify.annotations.NullMarked;
