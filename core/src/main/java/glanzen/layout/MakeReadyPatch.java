package glanzen.layout;

import glanzen.artwork.PathText;
import glanzen.kit.Board;

/**
 * A patch behind the sheet.
 *
 * @param board what it is cut from
 * @param outline its shape on the piece as read, mm, as {@link PathText} writes it
 */
public record MakeReadyPatch(Board board, String outline) {

    public MakeReadyPatch {
        PathText.read("patches.outline", outline);
    }
}
