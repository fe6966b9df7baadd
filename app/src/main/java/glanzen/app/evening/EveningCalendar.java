package glanzen.app.evening;

import glanzen.app.calendar.CalendarFile;
import glanzen.app.evening.EveningView.Drying;
import glanzen.app.evening.EveningView.HotSpell;
import glanzen.app.evening.EveningView.Item;
import glanzen.app.evening.EveningView.PlannedBlock;
import glanzen.measure.Printer;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;

/** An evening in a calendar: what is switched on, what is done, what is dry. */
final class EveningCalendar {

    private static final Duration A_MOMENT = Duration.ofMinutes(5);
    /** Every later plan counts from a later second, so a calendar takes it for newer. */
    private static final Instant COUNTED_FROM = Instant.parse("2020-01-01T00:00:00Z");

    private final EveningView view;
    private final Printer printer;
    private final CalendarFile calendar;
    private final long sequence;
    /** How often something of a name came already: the second heating of a platform stays the second in every plan, whatever else is in it. */
    private final Map<String, Integer> times = new HashMap<>();

    private EveningCalendar(EveningView view, Instant stamp, Printer printer) {
        this.view = view;
        this.printer = printer;
        this.calendar = new CalendarFile(stamp);
        this.sequence = Duration.between(COUNTED_FROM, stamp).toSeconds() + view.version();
    }

    static byte[] of(EveningView view, Instant stamp, Printer printer) {
        EveningCalendar made = new EveningCalendar(view, stamp, printer);
        view.spells().forEach(made::spell);
        view.items().forEach(made::item);
        view.waits().forEach(made::wait);
        return made.calendar.bytes();
    }

    private void spell(HotSpell s) {
        add(
                numbered("heats " + s.heater()),
                s.from(),
                s.hotFrom(),
                "Switch on " + s.name(),
                String.join(", then ", s.settings()),
                called(s.from()));
    }

    private void item(Item item) {
        PlannedBlock b = item.first();
        add(
                numbered("does " + b.job() + b.title()),
                b.from(),
                item.to(),
                b.job() + ": " + b.itemSays(),
                printer.said(String.join("\n", b.ready())),
                called(b.from()));
    }

    private void wait(Drying d) {
        add(
                numbered("dries " + d.job() + d.title()),
                d.soundAt(),
                d.soundAt().plus(A_MOMENT),
                d.job() + ": dry, " + d.title(),
                "",
                false);
    }

    private String numbered(String name) {
        return name + " " + times.merge(name, 1, Integer::sum);
    }

    /** Hands that are at work, or were a moment ago, need not be called. */
    private boolean called(Instant at) {
        return view.blocks().stream()
                .noneMatch(b -> b.from().isBefore(at) && b.to().plus(A_MOMENT).isAfter(at));
    }

    private void add(String key, Instant from, Instant to, String what, String more, boolean reminds) {
        calendar.add(key, sequence, from, to, what, more, reminds);
    }
}
