/** Transient conduction through a stack over its phases. Knows nothing of pressing or transfer. */
@NullMarked
package glanzen.heat;

import org.jspecify.annotations.NullMarked;
