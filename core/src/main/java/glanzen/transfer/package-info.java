/** From pressure, temperature and time to coverage and spill. Knows nothing of presses or heat flow. */
@NullMarked
package glanzen.transfer;

import org.jspecify.annotations.NullMarked;
