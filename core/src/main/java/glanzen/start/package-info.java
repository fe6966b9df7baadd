/**
 * The set-up a route begins with, built from the boards a person owns. What is missing is left to the rules to say.
 */
@NullMarked
package glanzen.start;

import org.jspecify.annotations.NullMarked;
