/**
 * Cut lists, sheet plans, dies and partial cuts over HTTP.
 */
@NullMarked
package glanzen.app.cutting;

import org.jspecify.annotations.NullMarked;
