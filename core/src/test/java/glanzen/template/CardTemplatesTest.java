package glanzen.template;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.card.Assembly;
import glanzen.card.Base;
import glanzen.card.Base.Grain;
import glanzen.card.CardPlan;
import glanzen.card.Fold;
import glanzen.card.Mounted;
import glanzen.card.Sheet;
import glanzen.card.Way;
import glanzen.gluing.CardLook;
import glanzen.gluing.FoamShelf;
import glanzen.measure.LengthUnit;
import glanzen.measure.Printer;
import glanzen.template.Template.Area;
import glanzen.template.Template.Words;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Sheets for putting a card together are true to scale and say the order. */
class CardTemplatesTest {

    private static final CardLook LOOK = new CardLook(
            new Assembly(
                    new CardPlan(
                            new Base(148, 105, Fold.LEFT, "ivory", Grain.UPRIGHT, ""),
                            null,
                            List.of(
                                    Mounted.centred("Panel", Mounted.FRONT, Way.RAISED, 2),
                                    Mounted.centred("Letter", Mounted.INSIDE, Way.FLAT, 0))),
                    Bench.SMOOTH,
                    Map.of(
                            "Panel", Sheet.plain("Panel", Bench.SMOOTH, 100, 80),
                            "Letter", Sheet.plain("Letter", Bench.SMOOTH, 120, 90))),
            FoamShelf.EMPTY,
            List.of());

    private static String words(Template t) {
        return t.marks().stream()
                .filter(Words.class::isInstance)
                .map(m -> ((Words) m).text())
                .collect(Collectors.joining("\n"));
    }

    @Test
    void placesAreThoseOfTheFaceAskedForAtTrueScale() {
        Template front = CardTemplates.guide(LOOK, false);
        assertEquals(148, front.widthMm());
        assertEquals("Panel", words(front));
        assertEquals("Letter", words(CardTemplates.guide(LOOK, true)));
        List<Area> areas = front.marks().stream()
                .filter(Area.class::isInstance)
                .map(Area.class::cast)
                .toList();
        assertEquals(100, areas.get(1).shape().getEnvelopeInternal().getWidth(), 1e-9);
    }

    @Test
    void everyPadIsDrawnInItsSizeAndNamed() {
        Template foam = CardTemplates.foam(LOOK, 6, new Printer(LengthUnit.MM));
        long pads = LOOK.joined().foam().get("Panel").pads().size();
        assertEquals(pads, foam.marks().stream().filter(Area.class::isInstance).count());
        assertTrue(words(foam).contains("Panel, 2 mm"), words(foam));
    }

    @Test
    void theSheetTellsTheOrderInThePersonsUnits() {
        Template sheet = CardTemplates.sheet(LOOK, "Trial", new Printer(LengthUnit.IN));
        assertTrue(words(sheet).contains("1. Score and fold the base"), words(sheet));
        assertTrue(words(sheet).contains(" in"), words(sheet));
        sheet.marks().stream()
                .filter(Area.class::isInstance)
                .map(Area.class::cast)
                .forEach(a -> {
                    assertTrue(a.shape().getEnvelopeInternal().getMaxX() <= sheet.widthMm());
                    assertTrue(a.shape().getEnvelopeInternal().getMaxY() <= sheet.heightMm() + 1e-6);
                });
    }
}
