/**
 * Windows in step: each page that is looked at is told within a second what was changed elsewhere,
 * on whatever server, and who else looks at which face. What is told is read from the database, so
 * that a server knows nothing that another one would need.
 */
package craftmap.server.live;
