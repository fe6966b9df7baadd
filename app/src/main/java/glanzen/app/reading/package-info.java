/** Reads pulls off pictures that come from outside, and says why they came out so. Nothing is kept until it is logged. */
@NullMarked
package glanzen.app.reading;

import org.jspecify.annotations.NullMarked;
