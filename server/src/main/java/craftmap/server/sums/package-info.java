/** Quick sums: single calculations without any piece. */
package craftmap.server.sums;
