/**
 * What things are made of: conduction (W/mK), stiffness (MPa), surfaces and their bonding layers, weight (g/m²) and
 * bulk. Values with their sources; nothing here knows a thing that is made of them.
 */
@NullMarked
package glanzen.material;

import org.jspecify.annotations.NullMarked;
