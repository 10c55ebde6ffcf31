/** The steps that plans come to, and what each waits for. */
package craftmap.core.order.work;
