/** The way to the database: waiting while it is busy, saying so soon when it is not there. */
package craftmap.server.database;
