/** When each step is done: found, bounded from below, explained. */
package craftmap.core.order.schedule;
