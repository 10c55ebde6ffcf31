/**
 * A client's look: chosen pieces by a link that ends, read only, with nothing of what they cost the
 * studio, of its shelf, or of who works there; and what clients say to them.
 */
package craftmap.server.look;
