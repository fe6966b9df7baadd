/**
 * How a person likes things shown, and the reading of quantities that they type.
 */
@NullMarked
package glanzen.app.preferences;

import org.jspecify.annotations.NullMarked;
