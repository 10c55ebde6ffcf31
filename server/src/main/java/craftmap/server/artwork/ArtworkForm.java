package craftmap.server.artwork;

/** What a piece of artwork is kept as. */
public enum ArtworkForm {
  SVG,
  PICTURE
}
