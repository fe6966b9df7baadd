/**
 * What is on now: the open run, what dries, what is short, set-ups and the latest pulls, put together from the other
 * rooms. It keeps nothing.
 */
@NullMarked
package glanzen.app.bench;

import org.jspecify.annotations.NullMarked;
