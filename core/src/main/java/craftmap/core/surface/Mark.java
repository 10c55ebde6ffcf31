package craftmap.core.surface;

/** Something on a face that is in the way, or to be minded. */
public sealed interface Mark permits KeepOut, Hole, Break, Blemish, Zone {
  String id();

  /** What it is called on the map. */
  String title();

  /** Turned over left to right on a face of this width. */
  Mark mirrored(double widthMm);

  /** The same under another id. */
  Mark under(String otherId);
}
