/**
 * Keeps and serves what a person owns: one table, a row is the core's record as JSON with a version. Using things up
 * goes through here too. It knows no set-up.
 */
@NullMarked
package glanzen.app.kit;

import org.jspecify.annotations.NullMarked;
