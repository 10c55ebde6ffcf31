/** What is cut for a piece, sheet by sheet, and booking it when it is cut. */
package craftmap.server.cut;
