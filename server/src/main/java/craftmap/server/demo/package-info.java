/** Founds the studio on the first start: Saltmarsh Studio with its sea chest, or an empty one. */
package craftmap.server.demo;
