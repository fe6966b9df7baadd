/** Device interfaces, and their simulated stand-ins on a clock that can run faster. */
@NullMarked
package glanzen.app.device;

import org.jspecify.annotations.NullMarked;
