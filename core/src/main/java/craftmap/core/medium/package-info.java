/**
 * Wet products: how far they go. Volumes are millilitres, areas on a face square millimetres,
 * spreads square metres per litre. The label of the product wins over every typical value here.
 */
package craftmap.core.medium;
