/** Who works when, and what there is to work and dry things with. */
package craftmap.core.order.bench;
