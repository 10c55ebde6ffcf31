/** The coats of a piece as they are shown: what is under, between and over its lays. */
package craftmap.server.coats;
