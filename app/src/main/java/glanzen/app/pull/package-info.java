/** The logbook. */
@NullMarked
package glanzen.app.pull;

import org.jspecify.annotations.NullMarked;
