/**
 * How things are kept: JSON columns that stay readable, versions that only grow, numbers nobody gets twice, and a cache that
 * knows of transactions. It knows nothing of what is kept.
 */
@NullMarked
package glanzen.app.keeping;

import org.jspecify.annotations.NullMarked;
