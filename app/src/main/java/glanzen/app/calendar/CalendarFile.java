package glanzen.app.calendar;

import java.io.IOException;
import java.io.StringWriter;
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

/** A calendar in the making: each entry keeps its UID, so that a later file updates it. */
public final class CalendarFile {

    /** What it is sent as. */
    public static final MediaType TYPE = MediaType.valueOf("text/calendar;charset=UTF-8");

    private static final Duration BEFORE = Duration.ofMinutes(-5);
    /** RFC 5545, 3.1: no line is longer, in octets without its end. */
    private static final int LINE_OCTETS = 75;

    private static final int UNFOLDED = 100_000;

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
     * @param reminds whether it calls somebody a little before
     */
    public void add(String key, long sequence, Instant from, Instant to, String what, String more, boolean reminds) {
        VEvent event = new VEvent(from, to, what);
        event.add(new Uid(UUID.nameUUIDFromBytes(key.getBytes(StandardCharsets.UTF_8)) + "@glanzen"));
        event.add(new Sequence((int) sequence));
        event.replace(new DtStamp(stamp));
        if (!more.isEmpty()) {
            event.add(new Description(more));
        }
        if (reminds) {
            VAlarm alarm = new VAlarm(BEFORE);
            alarm.add(new Action("DISPLAY"));
            alarm.add(new Description(what));
            event.add(alarm);
        }
        calendar.add(event);
    }

    /** The file. */
    public byte[] bytes() {
        StringWriter whole = new StringWriter();
        try {
            new CalendarOutputter(false, UNFOLDED).output(calendar, whole);
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return folded(whole.toString()).getBytes(StandardCharsets.UTF_8);
    }

    /** Folded by octets, as the format counts them; the library folds by characters. */
    private static String folded(String whole) {
        StringBuilder folded = new StringBuilder();
        int octets = 0;
        for (int letter : whole.codePoints().toArray()) {
            String one = Character.toString(letter);
            int more = one.getBytes(StandardCharsets.UTF_8).length;
            if (letter == '\r' || letter == '\n') {
                octets = 0;
            } else if (octets + more > LINE_OCTETS) {
                folded.append("\r\n ");
                octets = 1 + more;
            } else {
                octets += more;
            }
            folded.append(one);
        }
        return folded.toString();
    }
}
