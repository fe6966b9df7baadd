/** What is on now. */
@NullMarked
package glanzen.app.bench;

import org.jspecify.annotations.NullMarked;
