package glanzen.gluing;

import glanzen.gluing.FoamPads.Pad;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * How foam is cut: small pads from what falls out of walls, the rest in rows, longest first, each where it first fits (Coffman, Garey,
 * Johnson and Tarjan 1980); offcuts before whole sheets.
 *
 * @param thicknessMm of the sheets, mm
 * @param sheets what is begun, offcuts first
 * @param placed where each pad is cut
 * @param waste share of the begun part that is left over, 0…1
 */
public record FoamCut(double thicknessMm, List<BegunFoam> sheets, List<CutPad> placed, double waste) {

    public FoamCut {
        sheets = List.copyOf(sheets);
        placed = List.copyOf(placed);
    }

    /** A sheet or an offcut, as it lies, mm. */
    public record BegunFoam(String name, double widthMm, double heightMm) {}

    /**
     * A pad, on which of the begun, from its lower left.
     *
     * @param within whether it is cut from what falls out of a wall
     */
    public record CutPad(int sheet, double xMm, double yMm, double widthMm, double heightMm, boolean within) {}

    /**
     * Everything a job needs, by thickness.
     *
     * @param foams what carries the pieces of one card
     * @param cards how many cards
     * @param shelf the foam there is
     */
    public static List<FoamCut> of(List<Foam> foams, int cards, FoamShelf shelf) {
        Map<Double, List<Pad>> pads = new TreeMap<>();
        for (Foam foam : foams) {
            for (double layer : shelf.layersMm(foam.heightMm())) {
                foam.pads()
                        .forEach(pad -> pads.computeIfAbsent(layer, mm -> new ArrayList<>())
                                .add(Pad.of(pad)));
            }
        }
        return pads.entrySet().stream()
                .map(e -> cut(e.getKey(), FoamPads.nested(e.getValue(), cards), shelf))
                .toList();
    }

    private static FoamCut cut(double thicknessMm, List<Pad> pads, FoamShelf shelf) {
        FoamCut upright = new FoamRows(thicknessMm, shelf, false).cut(pads);
        FoamCut across = new FoamRows(thicknessMm, shelf, true).cut(pads);
        boolean fewer = across.sheets.size() != upright.sheets.size()
                ? across.sheets.size() < upright.sheets.size()
                : across.waste < upright.waste;
        return fewer ? across : upright;
    }
}
