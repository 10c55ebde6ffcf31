/** The route of a piece from its first measure to the last coat: what is settled, what is next. */
package craftmap.core.route;
