/**
 * What a person owns: presses, heated rollers, platforms, boards, tools, stock, films and leftovers, as immutable
 * records that refuse values no such thing has. Millimetres, g/m², °C. It knows no stack and no price list.
 */
@NullMarked
package glanzen.kit;

import org.jspecify.annotations.NullMarked;
