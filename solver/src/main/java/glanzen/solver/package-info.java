/** Better plans than the quick one, by a constraint solver; nothing else knows which. */
@NullMarked
package glanzen.solver;

import org.jspecify.annotations.NullMarked;
