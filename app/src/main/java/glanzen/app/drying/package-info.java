/** Gel panels that are drying, and when each is due. */
@NullMarked
package glanzen.app.drying;

import org.jspecify.annotations.NullMarked;
