package craftmap.core.cut.nest;

import craftmap.core.measure.Tolerance;
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
   * @param straight cuts from edge to edge free all its parts; else some are cut around
   * @param leftovers what is left when all cuts are done
   */
  public record Sheet(
      int stock,
      int copy,
      boolean isNew,
      boolean straight,
      List<Placed> parts,
      List<Box> leftovers) {
    public Sheet {
      parts = List.copyOf(parts);
      leftovers = List.copyOf(leftovers);
    }

    /** With what its parts leave over. */
    static Sheet of(NestTask task, int stock, int copy, List<Placed> parts) {
      Box usable = task.stock().get(stock).usable();
      List<Box> taken = parts.stream().map(Placed::at).toList();
      double knife = task.knifeMm();
      Box grown =
          new Box(
              usable.leftMm(), usable.topMm(), usable.widthMm() + knife, usable.heightMm() + knife);
      List<Box> rests =
          Rests.of(
              grown,
              taken.stream()
                  .map(
                      b ->
                          new Box(b.leftMm(), b.topMm(), b.widthMm() + knife, b.heightMm() + knife))
                  .toList(),
              knife + Tolerance.EXACT.lengthMm());
      return new Sheet(
          stock,
          copy,
          task.stock().get(stock).isNew(),
          StraightCuts.of(usable, taken).isPresent(),
          parts,
          rests.stream()
              .map(b -> new Box(b.leftMm(), b.topMm(), b.widthMm() - knife, b.heightMm() - knife))
              .toList());
    }

    int cuts(NestTask task) {
      return StraightCuts.of(
              task.stock().get(stock).usable(), parts.stream().map(Placed::at).toList())
          .map(o -> o.cuts().size())
          .orElse(4 * parts.size());
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

  long cutAround() {
    return sheets.stream().filter(s -> !s.straight()).count();
  }

  int cuts(NestTask task) {
    return sheets.stream().mapToInt(s -> s.cuts(task)).sum();
  }

  Nested withLeast(int proven) {
    return new Nested(sheets, unplaced, proven);
  }

  double largestLeftoverMm2() {
    return sheets.stream()
        .flatMap(s -> s.leftovers().stream())
        .mapToDouble(Box::areaMm2)
        .max()
        .orElse(0);
  }
}
