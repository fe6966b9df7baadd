/** How a person likes things shown, and the reading of quantities. */
@NullMarked
package glanzen.app.preferences;

import org.jspecify.annotations.NullMarked;
