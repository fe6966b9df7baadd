package glanzen.app.evening;

import glanzen.app.evening.EveningView.Item;
import glanzen.app.evening.EveningView.LeftBlock;
import glanzen.app.evening.EveningView.Missing;
import glanzen.app.evening.EveningView.PlannedBlock;
import glanzen.measure.Printer;
import glanzen.template.Template;
import glanzen.template.TextSheet;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** An evening to be printed: what when, and what must lie ready before. */
final class EveningSheet {

    private final EveningView view;
    private final Printer printer;
    private final DateTimeFormatter clock;
    private final DateTimeFormatter day;

    EveningSheet(EveningView view, ZoneId zone, Printer printer) {
        this.view = view;
        this.printer = printer;
        this.clock = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT).withZone(zone);
        this.day = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH).withZone(zone);
    }

    Template template() {
        TextSheet sheet = new TextSheet();
        String before = "";
        for (Item item : view.items()) {
            PlannedBlock b = item.first();
            String today = day.format(b.from());
            if (!today.equals(before)) {
                sheet.heading(today);
                before = today;
                hot(sheet, today);
            }
            sheet.line(item.number() + "   " + clock.format(b.from()) + " to " + clock.format(item.to()) + "  "
                    + b.job() + ": " + b.itemSays());
            if (b.otherBoards()) {
                sheet.line("      change the boards first");
            }
            if (b.lay() != null) {
                b.lay().things().forEach(t -> sheet.line("      " + t.tool() + ": " + t.piece() + ", " + t.job()));
            }
            if (!b.meanwhile().isEmpty()) {
                sheet.line("      meanwhile " + String.join(", ", b.meanwhile()));
            }
        }
        if (!view.left().isEmpty()) {
            sheet.heading("Not in these hours");
            for (LeftBlock left : view.left()) {
                sheet.line(left.job() + ": " + left.title() + ", " + left.count() + " (" + left.because() + ")");
            }
        }
        if (!view.missing().isEmpty()) {
            sheet.heading("Before you begin");
            view.missing().stream().map(Missing::text).map(printer::said).forEach(sheet::line);
        }
        sheet.heading("Get ready");
        ready().stream().map(printer::said).forEach(sheet::line);
        return sheet.template("The evening");
    }

    private void hot(TextSheet sheet, String today) {
        view.spells().stream()
                .filter(s -> day.format(s.from()).equals(today))
                .forEach(s -> sheet.line(clock.format(s.from()) + "  switch on " + s.name() + " at "
                        + String.join(", then ", s.settings()) + "; off at " + time(s.to())));
    }

    private String time(Instant at) {
        return clock.format(at);
    }

    private Set<String> ready() {
        Set<String> all = new LinkedHashSet<>();
        view.blocks().stream().map(PlannedBlock::ready).flatMap(List::stream).forEach(all::add);
        return all;
    }
}
