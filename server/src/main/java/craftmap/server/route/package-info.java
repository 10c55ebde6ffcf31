/** Where each piece stands on its route and what is next: the home page and the route line. */
package craftmap.server.route;
