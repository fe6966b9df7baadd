/**
 * What is done at the bench, in order: what must lie ready, instructions with their seconds, and a run that goes from one to the
 * next. It knows no device and no clock; both are told to it.
 */
@NullMarked
package glanzen.steps;

import org.jspecify.annotations.NullMarked;
