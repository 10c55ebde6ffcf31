/** What goes wrong at the bench, and what helps. */
package craftmap.core.order.mishap;
