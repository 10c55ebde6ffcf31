package craftmap.server.piece.document;

public record HoleDoc(
    String id,
    String name,
    double xMm,
    double yMm,
    double diameterMm,
    int count,
    double spacingMm,
    boolean upright) {}
