/**
 * Pieces and their plans. A plan is one aggregate, saved whole with a version; each save is an
 * entry in the piece's history, which is a tree: undo goes to the parent, redo to the youngest
 * child, nothing is ever taken out.
 *
 * <p>{@link craftmap.server.piece.document.PlanDocument} is the plan as stored and sent; {@code
 * PlanMapper} turns it into the core's plan; {@code ReadingViews} says what the core made of it.
 * Shown to other packages: {@link craftmap.server.piece.Pieces}, {@link
 * craftmap.server.piece.PlanChanges}, {@link craftmap.server.piece.PlanReadings}, {@link
 * craftmap.server.piece.PlanViews}.
 */
package craftmap.server.piece;
