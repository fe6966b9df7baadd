/**
 * The set-up a route begins with, built from the boards a person owns, and where a layer belongs that is laid anew. What
 * is missing is left to the rules to say; how it would come out is for a forecast.
 */
@NullMarked
package glanzen.start;

import org.jspecify.annotations.NullMarked;
