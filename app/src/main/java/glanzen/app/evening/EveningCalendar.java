package glanzen.app.evening;

import glanzen.app.calendar.CalendarFile;
import glanzen.app.evening.EveningView.Drying;
import glanzen.app.evening.EveningView.HotSpell;
import glanzen.app.evening.EveningView.PlannedBlock;
import glanzen.measure.Printer;
import java.time.Duration;
import java.time.Instant;

/** An evening in a calendar: what is switched on, what is done, what is dry. */
final class EveningCalendar {

    private static final Duration A_MOMENT = Duration.ofMinutes(5);

    private final EveningView view;
    private final Printer printer;
    private final CalendarFile calendar;

    private EveningCalendar(EveningView view, Instant stamp, Printer printer) {
        this.view = view;
        this.printer = printer;
        this.calendar = new CalendarFile(stamp);
    }

    static byte[] of(EveningView view, Instant stamp, Printer printer) {
        EveningCalendar made = new EveningCalendar(view, stamp, printer);
        view.spells().forEach(made::spell);
        view.blocks().forEach(made::block);
        view.waits().forEach(made::wait);
        return made.calendar.bytes();
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
        add(
                b.task(),
                b.from(),
                b.to(),
                b.job() + ": " + b.title() + ", " + b.count(),
                printer.said(String.join("\n", b.ready())));
    }

    private void wait(Drying d) {
        add(
                d.job() + d.title() + d.from(),
                d.soundAt(),
                d.soundAt().plus(A_MOMENT),
                d.job() + ": dry, " + d.title(),
                "");
    }

    private void add(String key, Instant from, Instant to, String what, String more) {
        calendar.add(view.id() + key, view.version(), from, to, what, more);
    }
}
