/**
 * Templates as PDF and SVG at true scale: the core says what is drawn where, this room says it in a format.
 */
@NullMarked
package glanzen.app.template;

import org.jspecify.annotations.NullMarked;
