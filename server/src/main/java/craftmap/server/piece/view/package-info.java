/**
 * What the core made of a plan, in the studio's words and units, as the pages show it: faces, lays
 * with their options and handles, what they take, what is found on them. Nothing is decided here.
 */
@org.springframework.modulith.NamedInterface
package craftmap.server.piece.view;
