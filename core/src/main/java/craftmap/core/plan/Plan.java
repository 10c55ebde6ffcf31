package craftmap.core.plan;

import craftmap.core.form.Form;
import craftmap.core.form.FormFaces;
import craftmap.core.measure.RefusedInput;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What the artist decided about one piece.
 *
 * @param found by face; it may hold more than the form has now: what was found on the fourth drawer
 *     is kept while there are three, and is there again when there are four
 */
public record Plan(String name, Form form, Map<String, Found> found, List<Lay> lays) {
  public static final int LONGEST_NAME = 80;
  public static final int MOST_LAYS = 200;
  public static final int MOST_FACES = 400;

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
    if (found.size() > MOST_FACES) {
      throw new RefusedInput("Faces", "" + found.size(), "are too many", "at most " + MOST_FACES);
    }
    Set<String> faceIds =
        form.faces().faces().stream().map(f -> f.id()).collect(Collectors.toSet());
    faceIds.addAll(found.keySet());
    if (lays.size() > MOST_LAYS) {
      throw new RefusedInput("Lays", "" + lays.size(), "are too many", "at most " + MOST_LAYS);
    }
    Set<String> seen = new HashSet<>();
    for (Lay lay : lays) {
      if (!seen.add(lay.id())) {
        throw new RefusedInput("Lay", lay.id(), "is there twice", "one lay for each id");
      }
      if (!faceIds.contains(lay.faceId())) {
        throw new RefusedInput(
            "Face", lay.faceId(), "is not on this piece", String.join(", ", faceIds));
      }
    }
  }

  /** The faces there are, with their places, in the order one walks round the piece. */
  public List<PlanFace> faces() {
    return PlanFaces.of(form.faces(), found);
  }

  public FormFaces formFaces() {
    return form.faces();
  }
}
