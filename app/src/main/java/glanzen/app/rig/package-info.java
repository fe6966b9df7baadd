/** What has been learned of each press and platform. */
@NullMarked
package glanzen.app.rig;

import org.jspecify.annotations.NullMarked;
