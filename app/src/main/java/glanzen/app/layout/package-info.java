/**
 * Layouts looked at and changed by a hand or by words: a draft and steps in, both drawings, measures and findings out.
 * It keeps nothing.
 */
@NullMarked
package glanzen.app.layout;

import org.jspecify.annotations.NullMarked;
