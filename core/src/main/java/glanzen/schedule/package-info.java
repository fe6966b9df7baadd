/**
 * A day's work as tasks, hands, machines, heat and waits on one clock. It knows nothing of the craft and counts whole seconds from the
 * moment from which is planned.
 */
@NullMarked
package glanzen.schedule;

import org.jspecify.annotations.NullMarked;
