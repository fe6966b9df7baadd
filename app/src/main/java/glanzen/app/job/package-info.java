/** Jobs: cards with their pieces and what is done to them; order, supplies and cost. */
@NullMarked
package glanzen.app.job;

import org.jspecify.annotations.NullMarked;
