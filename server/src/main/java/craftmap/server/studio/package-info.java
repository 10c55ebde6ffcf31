/** The studio's habits. One studio so far; every row of every table already belongs to it. */
package craftmap.server.studio;
