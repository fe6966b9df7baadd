/**
 * The first quarter of an hour in an empty workshop: kinds of things to choose from, what they make, and their first
 * forecast.
 */
@NullMarked
package glanzen.app.beginning;

import org.jspecify.annotations.NullMarked;
