/** The stop Order: steps of one or several pieces, put into days. */
package craftmap.server.order;
