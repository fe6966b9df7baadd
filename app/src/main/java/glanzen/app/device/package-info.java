/**
 * What heats, feeds and scans as interfaces, and simulated stand-ins on a bench clock that can run faster. It carries
 * out commands of a run and reports readings; it knows neither runs nor logbook.
 */
@NullMarked
package glanzen.app.device;

import org.jspecify.annotations.NullMarked;
