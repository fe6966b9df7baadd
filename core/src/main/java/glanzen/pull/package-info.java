/**
 * What one rig makes of one set-up, the only place where the three laws meet: force, pressure, heat and transfer, line load, relief.
 * Doses are against what is needed, 1 is just enough. It knows one rig at a time, and nothing of how likely it is.
 */
@NullMarked
package glanzen.pull;

import org.jspecify.annotations.NullMarked;
