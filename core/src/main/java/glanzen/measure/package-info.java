/**
 * Reading what people type as quantities, fractions of an inch included; checking values and saying what, where and what
 * would be accepted; marking quantities in a sentence. Inside all is mm, °C, g/m² and s. It knows nothing of the craft.
 */
@NullMarked
package glanzen.measure;

import org.jspecify.annotations.NullMarked;
