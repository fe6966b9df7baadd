/**
 * How a workshop begins: drawn, unbranded kinds of things with their usual figures, and the first pull that what was
 * chosen is good for.
 */
@NullMarked
package glanzen.beginning;

import org.jspecify.annotations.NullMarked;
