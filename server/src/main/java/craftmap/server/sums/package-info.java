/** Quick sums: single calculations without any piece. A run so far. */
package craftmap.server.sums;
