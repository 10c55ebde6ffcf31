/** What things cost: sums in one currency, and the packs they are sold in. */
package craftmap.core.money;
