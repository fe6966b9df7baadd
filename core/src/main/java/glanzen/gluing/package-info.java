/**
 * What joins the pieces of a card: foam that carries what is raised, glue that suits each joint, shakers, the order of the hands; and what
 * will not work about a card, with a way out.
 */
@NullMarked
package glanzen.gluing;

import org.jspecify.annotations.NullMarked;
