/**
 * What has been learned of each machine with each platform, kept as an ensemble, and the measuring of a press with
 * strips.
 */
@NullMarked
package glanzen.app.rig;

import org.jspecify.annotations.NullMarked;
