package craftmap.server.piece.document;

public record PointDoc(double xMm, double yMm) {}
