/** What one has to be to ask something: said at every operation, beside its address. */
package craftmap.server.access;
