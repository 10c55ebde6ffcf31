/**
 * What happened at the bench, as it was told. Shown to other packages: {@link
 * craftmap.server.logbook.Logbook} and its entries.
 */
package craftmap.server.logbook;
