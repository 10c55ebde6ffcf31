/**
 * Cutting what is laid out of what there is.
 *
 * <p>{@link craftmap.core.cut.StockLengths} cuts lengths of trim from stock lengths with a saw: the
 * fewest stock lengths first, then the longest single leftover.
 */
package craftmap.core.cut;
