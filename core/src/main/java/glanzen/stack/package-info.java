/**
 * Ordered layers that go through a press together, counted from the bottom, and what follows from order and thickness
 * (mm) alone. It knows no machine.
 */
@NullMarked
package glanzen.stack;

import org.jspecify.annotations.NullMarked;
