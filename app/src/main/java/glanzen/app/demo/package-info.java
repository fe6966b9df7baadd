/** The Alder Lane Honey Show. */
@NullMarked
package glanzen.app.demo;

import org.jspecify.annotations.NullMarked;
