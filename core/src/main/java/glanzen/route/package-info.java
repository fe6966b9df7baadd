/**
 * The ways an operation is done: which layers, which machine, which waits, what its design is laid with, which set of
 * rules. A route is data; it builds no set-up, checks none and computes nothing.
 */
@NullMarked
package glanzen.route;

import org.jspecify.annotations.NullMarked;
