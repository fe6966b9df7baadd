/** Jobs: pieces of a card, what is done to them and in which order; what that needs and costs. */
@NullMarked
package glanzen.plan;

import org.jspecify.annotations.NullMarked;
