/**
 * After a piece: what it took against its plan, what to do otherwise, and what its buyer is told.
 */
package craftmap.server.afterwards;
