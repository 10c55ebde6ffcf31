/** What is found in a schedule: what is late, what was missed, what the night does. */
package craftmap.core.order.finding;
