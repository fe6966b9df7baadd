/**
 * One set-up: everything that decides how a pull comes out, and how two of them differ. It computes lengths, times and thicknesses
 * (mm, s), but neither pressure nor heat, and knows no rule.
 */
@NullMarked
package glanzen.setup;

import org.jspecify.annotations.NullMarked;
