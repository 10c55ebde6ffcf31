package craftmap.core.plan;

import java.util.List;

/**
 * A part that comes off the piece while it is worked on, with its number for the label.
 *
 * @param fittings what is unscrewed from it and goes into its bag
 */
public record Part(int number, String name, List<String> faceIds, List<Fitting> fittings) {
  /** Hardware that goes into the bag, by its holes. */
  public record Fitting(String name, int holes) {}

  public Part {
    faceIds = List.copyOf(faceIds);
    fittings = List.copyOf(fittings);
  }
}
