/**
 * Founds the studio on the first start: Saltmarsh Studio with its seven pieces, or an empty one.
 */
package craftmap.server.demo;
