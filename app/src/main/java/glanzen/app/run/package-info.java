/**
 * A set-up being pulled, step by step: keeps the core's state machine, has devices carry out what it commands, and
 * pushes what changed to the pages that watch.
 */
@NullMarked
package glanzen.app.run;

import org.jspecify.annotations.NullMarked;
