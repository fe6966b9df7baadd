/**
 * The Alder Lane Honey Show: an invented workshop, laid out once into an empty database. Nothing else may know it.
 */
@NullMarked
package glanzen.app.demo;

import org.jspecify.annotations.NullMarked;
