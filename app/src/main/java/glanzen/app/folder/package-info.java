/** The folder of a person's things: whether it can be used, and what is said at the start if not. */
@NullMarked
package glanzen.app.folder;

import org.jspecify.annotations.NullMarked;
