/** Ordered layers that go through a press together, and what follows from order and thickness alone. */
@NullMarked
package glanzen.stack;

import org.jspecify.annotations.NullMarked;
