package craftmap.server.shelf;

/**
 * A stencil to put on the shelf.
 *
 * @param motif what one motif is called in a sentence: "fern"
 * @param artworkSvg the sheet at true size, every filled shape an opening
 */
public record NewStencil(
    String id,
    String name,
    String motif,
    String note,
    String artworkSvg,
    double naturalGapMm,
    int usesBetweenWashes) {}
