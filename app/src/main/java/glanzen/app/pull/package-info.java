/**
 * The logbook: pulls with the set-up they were made with, frozen, their pictures and what differs between two. Only what
 * a person logs at a real press may teach a rig.
 */
@NullMarked
package glanzen.app.pull;

import org.jspecify.annotations.NullMarked;
