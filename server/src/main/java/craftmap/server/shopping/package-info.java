/**
 * What is bought: what chosen pieces take together beyond what there is, the least money it comes
 * to, and the list that is ticked off in the shop and booked at home.
 */
package craftmap.server.shopping;
