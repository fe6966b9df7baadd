/**
 * A hidden rig that pulls. Devices that stand in for real ones, the demo and tests use it; nothing it makes may teach a
 * person's own rig. It knows how far rigs stray, not who is asking.
 */
@NullMarked
package glanzen.simulate;

import org.jspecify.annotations.NullMarked;
