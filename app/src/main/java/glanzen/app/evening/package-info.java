/** Plans evenings: takes jobs and hours, answers a plan at once and better ones as they are found, follows what really happens. */
@NullMarked
package glanzen.app.evening;

import org.jspecify.annotations.NullMarked;
