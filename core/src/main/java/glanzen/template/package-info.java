/**
 * Sheets to print at true scale: tracings, patches, cuts, check bars. Millimetres on paper. It says what is drawn where,
 * not in which format.
 */
@NullMarked
package glanzen.template;

import org.jspecify.annotations.NullMarked;
