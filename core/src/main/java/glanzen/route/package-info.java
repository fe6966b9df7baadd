/** How an operation is done: set-ups, starting stacks, rules with their mends, steps at the bench. */
@NullMarked
package glanzen.route;

import org.jspecify.annotations.NullMarked;
