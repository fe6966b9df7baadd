/** Puts the pieces of a job together to a card, looks at it before it is glued, and prints what is needed for it. */
@NullMarked
package glanzen.app.card;

import org.jspecify.annotations.NullMarked;
