/** What a person owns: presses, platforms, boards, plates, stock and films, as immutable records. */
@NullMarked
package glanzen.kit;

import org.jspecify.annotations.NullMarked;
