/**
 * Drills: a simulated bench where the craft is learned without wasting foil. A seed and a workshop make a drill, always the same one; its
 * questions are graded against the model, and what was answered says when a thing should come back. Knows nothing of logbook, stock or what was
 * learned of a rig, so nothing of it can reach them. Lengths are mm, times s, shares 0…1.
 */
@NullMarked
package glanzen.training;

import org.jspecify.annotations.NullMarked;
