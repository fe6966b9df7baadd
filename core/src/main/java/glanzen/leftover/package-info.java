/**
 * What is left of a film: where pieces are spent, which of them still has foil for a design and how it must lie, and scraps laid as
 * patchwork. Millimetres. It knows artwork and the kit, not where a design lies on a card.
 */
@NullMarked
package glanzen.leftover;

import org.jspecify.annotations.NullMarked;
