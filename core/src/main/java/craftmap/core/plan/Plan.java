package craftmap.core.plan;

import craftmap.core.measure.RefusedInput;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.Colour;
import craftmap.core.surface.Face;
import craftmap.core.surface.Form;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.MakeUp;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What the artist decided about one piece. */
public record Plan(String name, Form form, Map<String, Found> found, List<Lay> lays) {
  public static final int LONGEST_NAME = 80;
  public static final int MOST_LAYS = 200;

  /** What was found, and decided, on one face. */
  public record Found(
      MakeUp makeUp, Colour ground, List<KeepOut> keepOuts, List<Blemish> blemishes) {
    public Found {
      keepOuts = List.copyOf(keepOuts);
      blemishes = List.copyOf(blemishes);
    }
  }

  public Plan {
    if (name == null || name.isBlank() || name.length() > LONGEST_NAME) {
      throw new RefusedInput(
          "Name of the piece",
          name == null || name.isBlank() ? "empty" : name.substring(0, 20) + "…",
          "is not a name",
          "1 to " + LONGEST_NAME + " characters");
    }
    found = Map.copyOf(found);
    lays = List.copyOf(lays);
    Set<String> faceIds = form.faces().stream().map(Form.FormFace::id).collect(Collectors.toSet());
    if (!found.keySet().equals(faceIds)) {
      throw new RefusedInput(
          "Faces", String.join(", ", found.keySet()), "are not the form's", faceIds.toString());
    }
    if (lays.size() > MOST_LAYS) {
      throw new RefusedInput("Lays", "" + lays.size(), "are too many", "at most " + MOST_LAYS);
    }
    Set<String> seen = new HashSet<>();
    for (Lay lay : lays) {
      if (!seen.add(lay.id())) {
        throw new RefusedInput("Lay", lay.id(), "is there twice", "one lay for each id");
      }
      if (!faceIds.contains(lay.faceId())) {
        throw new RefusedInput("Face", lay.faceId(), "is not on this piece", faceIds.toString());
      }
    }
  }

  /** The form's faces with what was found on them, in the form's order. */
  public List<Face> faces() {
    return form.faces().stream().map(this::face).toList();
  }

  private Face face(Form.FormFace from) {
    Found f = found.get(from.id());
    return new Face(
        from.id(),
        from.name(),
        from.outline(),
        f.makeUp(),
        f.ground(),
        f.keepOuts(),
        f.blemishes());
  }
}
