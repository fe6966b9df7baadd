/** JMH benchmarks; run with {@code scripts/benchmark}. */
@NullMarked
package glanzen.benchmarks;

import org.jspecify.annotations.NullMarked;
