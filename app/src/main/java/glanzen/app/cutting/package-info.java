/**
 * Cut lists, sheet plans, dies and partial cuts over HTTP. Drafts in, the core's answers out; it keeps nothing.
 */
@NullMarked
package glanzen.app.cutting;

import org.jspecify.annotations.NullMarked;
