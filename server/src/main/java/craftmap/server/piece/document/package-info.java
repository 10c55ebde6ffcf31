/**
 * The plan as it is stored and sent, one file for each of its parts, and the way between that and
 * the core's plan. Nothing is decided here.
 */
@org.springframework.modulith.NamedInterface
package craftmap.server.piece.document;
