/**
 * Jobs: the pieces of a card, what is done to them and in which order, and what that needs and costs. Counts, sheets and
 * square centimetres; costs are in the person's own money. It asks set-ups what they use and knows no forecast.
 */
@NullMarked
package glanzen.plan;

import org.jspecify.annotations.NullMarked;
