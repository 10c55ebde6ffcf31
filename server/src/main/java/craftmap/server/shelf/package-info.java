/**
 * What the studio owns: stencils and pots, and the ledger that says how full each pot is. Shown to
 * other packages: {@link craftmap.server.shelf.ShelfService} for what is there, {@link
 * craftmap.server.shelf.LedgerService} for what changes.
 */
package craftmap.server.shelf;
