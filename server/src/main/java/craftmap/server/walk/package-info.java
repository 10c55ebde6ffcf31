/** A first walk along the route, on a board that is thrown away afterwards. */
package craftmap.server.walk;
