/**
 * An ensemble of plausible rigs pulled through one set-up: shares of under, clean and over, quantiles of dose, coverage
 * (share) and spill (mm), and the window. It asks pulls of a set-up on one rig and weighs them; it holds no law of its
 * own and learns nothing.
 */
@NullMarked
package glanzen.forecast;

import org.jspecify.annotations.NullMarked;
