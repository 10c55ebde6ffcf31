/**
 * Things that get in each other's way, shared out among as few as will do: positions of a stencil
 * among passes, parts of a picture among copies of it.
 */
package craftmap.core.graph;
