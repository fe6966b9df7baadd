/** Where things lie: placement held by words, the turned-over platform, cutting, leftovers, dies, ribbon, templates. */
@NullMarked
package glanzen.layout;

import org.jspecify.annotations.NullMarked;
