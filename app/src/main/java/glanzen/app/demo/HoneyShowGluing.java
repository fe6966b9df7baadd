package glanzen.app.demo;

import glanzen.app.kit.KitService;
import glanzen.kit.Envelope;
import glanzen.kit.FoamSheet;
import glanzen.kit.Offcut;

/** What cards of the show are put together with: foam, envelopes, and what was kept of other cards. */
final class HoneyShowGluing {

    static final Envelope C6 = new Envelope("envelope-c6", "Cream C6", 162, 114, 5);
    static final Envelope C5 = new Envelope("envelope-c5", "White C5", 229, 162, 5);

    private final KitService kit;

    HoneyShowGluing(KitService kit) {
        this.kit = kit;
    }

    void lay() {
        kit.add(Envelope.class, C6, C6.id());
        kit.add(Envelope.class, C5, C5.id());
        envelope("envelope-square", "Padded, square", 170, 170, 9);
        foam("foam-1", "Foam, 1 mm", 1, 150, 200, 4);
        foam("foam-2", "Foam, 2 mm", 2, 150, 200, 6);
        foam("foam-3", "Foam, 3 mm", 3, 150, 200, 2);
        foam("foam-2-end", "Foam, 2 mm, an end", 2, 62, 148, 1);
        offcut("offcut-slate", "Strip of slate card", "slate-270", 58, 210, 2);
        offcut("offcut-ivory", "Windows of last year's signs", "ivory-300", 96, 70, 6);
    }

    private void envelope(String id, String name, double widthMm, double heightMm, double takesMm) {
        kit.add(Envelope.class, new Envelope(id, name, widthMm, heightMm, takesMm), id);
    }

    private void foam(String id, String name, double mm, double widthMm, double heightMm, int left) {
        kit.add(FoamSheet.class, new FoamSheet(id, name, mm, widthMm, heightMm, left), id);
    }

    private void offcut(String id, String name, String stockId, double widthMm, double heightMm, int left) {
        kit.add(Offcut.class, new Offcut(id, name, stockId, widthMm, heightMm, "", left), id);
    }
}
