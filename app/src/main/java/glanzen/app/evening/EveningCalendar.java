package glanzen.app.evening;

import glanzen.app.evening.EveningView.Drying;
import glanzen.app.evening.EveningView.HotSpell;
import glanzen.app.evening.EveningView.PlannedBlock;
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

/** An evening as iCalendar (RFC 5545): each entry keeps its UID, so that a later file updates it. */
final class EveningCalendar {

    private static final Duration BEFORE = Duration.ofMinutes(-5);

    private final EveningView view;
    private final Instant stamp;
    private final Calendar calendar = new Calendar();

    private EveningCalendar(EveningView view, Instant stamp) {
        this.view = view;
        this.stamp = stamp;
    }

    static byte[] of(EveningView view, Instant stamp) {
        EveningCalendar made = new EveningCalendar(view, stamp);
        made.calendar.add(new ProdId("-//Glanzen//Evening//EN"));
        made.calendar.add(ImmutableVersion.VERSION_2_0);
        made.calendar.add(ImmutableCalScale.GREGORIAN);
        view.spells().forEach(made::spell);
        view.blocks().forEach(made::block);
        view.waits().forEach(made::wait);
        ByteArrayOutputStream folded = new ByteArrayOutputStream();
        try {
            new CalendarOutputter(false).output(made.calendar, folded);
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return folded.toByteArray();
    }

    private void spell(HotSpell s) {
        add(
                s.heater() + s.from(),
                s.from(),
                s.hotFrom(),
                "Switch on " + s.name(),
                String.join(", then ", s.settings()));
    }

    private void block(PlannedBlock b) {
        add(b.task(), b.from(), b.to(), b.job() + ": " + b.title() + ", " + b.count(), String.join("\n", b.ready()));
    }

    private void wait(Drying d) {
        add(
                d.job() + d.title() + d.from(),
                d.soundAt(),
                d.soundAt().plus(Duration.ofMinutes(5)),
                d.job() + ": dry, " + d.title(),
                "");
    }

    private void add(String key, Instant from, Instant to, String what, String more) {
        VEvent event = new VEvent(from, to, what);
        event.add(new Uid(UUID.nameUUIDFromBytes((view.id() + key).getBytes(StandardCharsets.UTF_8)) + "@glanzen"));
        event.add(new Sequence((int) view.version()));
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
}
