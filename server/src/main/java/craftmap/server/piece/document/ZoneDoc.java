package craftmap.server.piece.document;

public record ZoneDoc(String id, String name, String colour, AreaDoc area) {}
