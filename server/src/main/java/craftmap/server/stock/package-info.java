/**
 * Stock: how much there is of everything owned, as the sum of an append-only ledger, and what plans
 * ask of it. It knows designs and media by their ids only. Shown to other packages: {@link
 * craftmap.server.stock.Holdings} for what there is, {@link craftmap.server.stock.Ledger} for what
 * changes, {@link craftmap.server.stock.ClaimBook} for what plans ask.
 */
package craftmap.server.stock;
