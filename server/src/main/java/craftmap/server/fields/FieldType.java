package craftmap.server.fields;

/** What a field takes. */
public enum FieldType {
  LENGTH,
  COUNT,
  FIGURE,
  COLOUR,
  CHOICE
}
