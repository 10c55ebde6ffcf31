/**
 * What is owned and what is needed. Stock is the sum of an append-only ledger in exact decimals;
 * nothing is overwritten, a mistake is mended by a further entry.
 */
package craftmap.core.supply;
