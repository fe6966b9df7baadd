/** A crowd of plausible rigs pulled through one set-up: shares, quantiles, window and picture. */
@NullMarked
package glanzen.forecast;

import org.jspecify.annotations.NullMarked;
