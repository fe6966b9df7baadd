/**
 * Searches a person's shelf for better set-ups, for the cheapest single change, for make-ready, and for what schools of
 * practice would each cost. It judges by forecasts alone (shares of clean pulls, seconds, hands) and computes no
 * physics; it does not know how a set-up is kept or shown.
 */
@NullMarked
package glanzen.advice;

import org.jspecify.annotations.NullMarked;
