/**
 * A supplier's price list, and the shopping list. The list behind {@code PriceList} is a simulated
 * one that ships; a real supplier's would be another adapter.
 */
package craftmap.server.supplier;
