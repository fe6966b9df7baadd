/** Moments as iCalendar (RFC 5545), for calendars elsewhere. */
@NullMarked
package glanzen.app.calendar;

import org.jspecify.annotations.NullMarked;
