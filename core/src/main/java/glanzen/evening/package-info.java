/** Jobs as an evening's work: how long hands, machines and heat are needed, what goes on meanwhile, and what waits for what. */
@NullMarked
package glanzen.evening;

import org.jspecify.annotations.NullMarked;
