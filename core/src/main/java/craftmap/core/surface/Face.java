package craftmap.core.surface;

import java.util.List;

/** One workable surface of a piece, unrolled flat at true size. */
public record Face(
    String id,
    String name,
    Outline outline,
    MakeUp makeUp,
    Colour ground,
    List<KeepOut> keepOuts,
    List<Blemish> blemishes) {
  public Face {
    keepOuts = List.copyOf(keepOuts);
    blemishes = List.copyOf(blemishes);
  }
}
