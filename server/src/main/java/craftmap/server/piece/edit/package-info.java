/**
 * Edits of a plan as they are sent: each becomes one of the core's, is told in words and kept in
 * the history by its code.
 */
@org.springframework.modulith.NamedInterface
package craftmap.server.piece.edit;
