/** Single sums without any piece: what people reach for a calculator for. */
package craftmap.core.sum;
