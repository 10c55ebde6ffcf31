package craftmap.core.cut.nest;

import craftmap.core.plane.Box;
import java.util.List;

/**
 * Parts on sheets.
 *
 * @param sheets those that are cut, leftovers before new ones
 * @param unplaced parts, by their number, that find no room on what there is
 * @param least no plan cuts into fewer new sheets
 */
public record Nested(List<Sheet> sheets, List<Integer> unplaced, int least) {
  public Nested {
    sheets = List.copyOf(sheets);
    unplaced = List.copyOf(unplaced);
  }

  /**
   * One sheet.
   *
   * @param stock by its number among what was given
   * @param copy which of its copies, from 1
   * @param parts in the order they are cut
   * @param leftovers what is left when all straight cuts are done
   */
  public record Sheet(int stock, int copy, boolean isNew, List<Placed> parts, List<Box> leftovers) {
    public Sheet {
      parts = List.copyOf(parts);
      leftovers = List.copyOf(leftovers);
    }
  }

  /**
   * A part, by its number, where it lies.
   *
   * @param turned by a quarter
   */
  public record Placed(int part, Box at, boolean turned) {}

  public int newSheets() {
    return (int) sheets.stream().filter(Sheet::isNew).count();
  }

  /** Whether fewer new sheets are impossible. */
  public boolean isProven() {
    return unplaced.isEmpty() && newSheets() == least;
  }

  double largestLeftoverMm2() {
    return sheets.stream()
        .flatMap(s -> s.leftovers().stream())
        .mapToDouble(Box::areaMm2)
        .max()
        .orElse(0);
  }
}
