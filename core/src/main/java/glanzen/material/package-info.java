/** What things are made of: conduction, stiffness, surfaces, weight and bulk. */
@NullMarked
package glanzen.material;

import org.jspecify.annotations.NullMarked;
