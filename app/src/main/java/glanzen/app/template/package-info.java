/**
 * Templates as PDF and SVG at true scale.
 */
@NullMarked
package glanzen.app.template;

import org.jspecify.annotations.NullMarked;
