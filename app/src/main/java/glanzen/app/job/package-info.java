/**
 * Jobs are kept and looked at: order, supplies and cost, as the core plans them.
 */
@NullMarked
package glanzen.app.job;

import org.jspecify.annotations.NullMarked;
