/**
 * From pressure (MPa), temperature (°C) and time (s) to bond, coverage (share) and spill (mm); gel drying over hours. It
 * knows nothing of presses or heat flow.
 */
@NullMarked
package glanzen.transfer;

import org.jspecify.annotations.NullMarked;
