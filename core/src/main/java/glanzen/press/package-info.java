/**
 * The nip: from overfill (mm) to force (N), pressure (MPa) and dwell (s), with the frame that gives and rollers that
 * bend. It knows nothing of heat or transfer.
 */
@NullMarked
package glanzen.press;

import org.jspecify.annotations.NullMarked;
