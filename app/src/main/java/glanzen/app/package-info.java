/** Spring Boot application around the core: keeps, serves, runs. */
@NullMarked
package glanzen.app;

import org.jspecify.annotations.NullMarked;
