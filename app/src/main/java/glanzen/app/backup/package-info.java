/** Copies of the whole workshop, made by themselves, checked by reading them back, kept in turns. */
@NullMarked
package glanzen.app.backup;

import org.jspecify.annotations.NullMarked;
