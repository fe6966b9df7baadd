/** Keeps and serves what a person owns. */
@NullMarked
package glanzen.app.kit;

import org.jspecify.annotations.NullMarked;
