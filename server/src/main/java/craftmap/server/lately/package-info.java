/**
 * What was read lately, kept as long as the database says that nothing has changed. Shown to other
 * packages: {@link craftmap.server.lately.Lately}.
 */
package craftmap.server.lately;
