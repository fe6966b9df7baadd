/** Units, fractions, and what is said when a value cannot be used. */
@NullMarked
package glanzen.measure;

import org.jspecify.annotations.NullMarked;
