/** Search for set-ups, and for the cheapest single change. */
@NullMarked
package glanzen.advice;

import org.jspecify.annotations.NullMarked;
