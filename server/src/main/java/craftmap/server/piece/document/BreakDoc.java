package craftmap.server.piece.document;

public record BreakDoc(
    String id,
    String name,
    double fromXMm,
    double fromYMm,
    double toXMm,
    double toYMm,
    double widthMm,
    double stepMm) {}
