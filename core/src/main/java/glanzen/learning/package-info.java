/** What logged pulls tell about a rig. */
@NullMarked
package glanzen.learning;

import org.jspecify.annotations.NullMarked;
