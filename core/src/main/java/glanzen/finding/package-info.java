/**
 * Findings: every rule by name with its weight, and what one found says: what it is about, what is wrong, why, and a mend
 * where there is one. It knows neither stacks nor layouts nor jobs; each of them finds, and mends, its own.
 */
@NullMarked
package glanzen.finding;

import org.jspecify.annotations.NullMarked;
