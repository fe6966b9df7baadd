/**
 * What a picture of a pull shows: where the design lies in it, what is foil and what is bare, how much of the design
 * is covered and how far foil went past its edge. Lengths are millimetres in the frame of the feed (x across, y along, as the
 * artwork lies), pictures have their first row on top. It does not know why a pull came out so.
 */
@NullMarked
package glanzen.inspect;

import org.jspecify.annotations.NullMarked;
