/** A set-up being pulled, step by step. */
@NullMarked
package glanzen.app.run;

import org.jspecify.annotations.NullMarked;
