/** The nip: from overfill to force, pressure and dwell. Knows nothing of heat or transfer. */
@NullMarked
package glanzen.press;

import org.jspecify.annotations.NullMarked;
