/**
 * Drills over HTTP, and what was answered to them. It reads kit, set-ups and pulls through their services and changes none of them.
 */
@NullMarked
package glanzen.app.drill;

import org.jspecify.annotations.NullMarked;
