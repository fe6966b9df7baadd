/** The whole workshop as one file. */
@NullMarked
package glanzen.app.archive;

import org.jspecify.annotations.NullMarked;
