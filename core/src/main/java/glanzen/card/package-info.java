/**
 * Pieces put together to a card: a folded base, what is mounted on it, how high it stands, what is seen and what is covered, foam and
 * glue, the order of the hands, and whether it closes and fits its envelope. Millimetres from the lower left of the closed card as it is
 * read; heights from the leaf that a piece lies on, upwards.
 */
@NullMarked
package glanzen.card;

import org.jspecify.annotations.NullMarked;
