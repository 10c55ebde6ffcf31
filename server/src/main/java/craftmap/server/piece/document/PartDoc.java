package craftmap.server.piece.document;

import craftmap.core.design.NamedPart;

/**
 * A named part of a picture that is laid alone.
 *
 * @param name the name of its motif box
 * @param borderMm left on all round
 */
public record PartDoc(String name, double borderMm, NamedPart.PartEdge edge) {}
