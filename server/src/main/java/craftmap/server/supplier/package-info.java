/**
 * What suppliers sell, and taking it onto the shelf. The lists behind {@link
 * craftmap.server.supplier.PriceLists} are simulated ones that ship; a real supplier's would be
 * another adapter.
 */
package craftmap.server.supplier;
