/**
 * What is owned and what is needed. Stock is the sum of an append-only ledger in exact decimals;
 * nothing is overwritten, a mistake is mended by a further entry. {@link
 * craftmap.core.supply.Claims} shares a level out among the plans that ask for it.
 */
package craftmap.core.supply;
