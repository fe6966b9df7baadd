package glanzen.app.calendar;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Action;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.http.MediaType;

/** A calendar in the making: each entry keeps its UID, so that a later file updates it, and reminds a little before. */
public final class CalendarFile {

    /** What it is sent as. */
    public static final MediaType TYPE = MediaType.valueOf("text/calendar;charset=UTF-8");

    private static final Duration BEFORE = Duration.ofMinutes(-5);

    private final Instant stamp;
    private final Calendar calendar = new Calendar();

    /** @param stamp when what it says was written down */
    public CalendarFile(Instant stamp) {
        this.stamp = stamp;
        calendar.add(new ProdId("-//Glanzen//Bench//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
    }

    /**
     * One more entry.
     *
     * @param key what tells it from all others, always the same for the same
     * @param sequence larger with every change
     * @param what its title
     * @param more what else to know; perhaps empty
     */
    public void add(String key, long sequence, Instant from, Instant to, String what, String more) {
        VEvent event = new VEvent(from, to, what);
        event.add(new Uid(UUID.nameUUIDFromBytes(key.getBytes(StandardCharsets.UTF_8)) + "@glanzen"));
        event.add(new Sequence((int) sequence));
        event.replace(new DtStamp(stamp));
        if (!more.isEmpty()) {
            event.add(new Description(more));
        }
        VAlarm alarm = new VAlarm(BEFORE);
        alarm.add(new Action("DISPLAY"));
        alarm.add(new Description(what));
        event.add(alarm);
        calendar.add(event);
    }

    /** The file. */
    public byte[] bytes() {
        ByteArrayOutputStream folded = new ByteArrayOutputStream();
        try {
            new CalendarOutputter(false).output(calendar, folded);
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return folded.toByteArray();
    }
}
