/**
 * Transient conduction through a stack over its phases, in one dimension. Degrees Celsius, seconds, watts per square
 * metre and kelvin. It knows nothing of pressing or transfer.
 */
@NullMarked
package glanzen.heat;

import org.jspecify.annotations.NullMarked;
