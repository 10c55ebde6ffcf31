package craftmap.core.lay.rule.cover;

import craftmap.core.cut.nest.NestPart;
import craftmap.core.cut.nest.NestSearch;
import craftmap.core.cut.nest.NestStock;
import craftmap.core.cut.nest.NestTask;
import craftmap.core.cut.nest.Nested;
import craftmap.core.cut.nest.Nesting;
import craftmap.core.lay.sheet.Copies;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * From which sheet each part is taken, and where on it. A plain or repeating print is used up to
 * the last piece; of a picture that does not repeat every part shows what it shows.
 *
 * @param taken in the order of the parts
 * @param sheets that are opened
 * @param least no plan opens fewer
 */
record FromSheets(List<Taken> taken, int sheets, int least) {
  FromSheets {
    taken = List.copyOf(taken);
  }

  /** From which sheet, from 1, and how far into it a part begins. */
  record Taken(int sheet, double acrossMm, double downMm) {}

  /** Every part from the spot it begins at; those that show other spots share a sheet. */
  static FromSheets ofPicture(List<NestPart> parts) {
    Copies copies =
        Copies.of(
            parts.stream()
                .map(p -> new Box(p.acrossMm(), p.downMm(), p.widthMm(), p.heightMm()))
                .toList());
    List<Taken> taken = new ArrayList<>();
    for (NestPart p : parts) {
      taken.add(new Taken(1 + copies.of().get(taken.size()), p.acrossMm(), p.downMm()));
    }
    return new FromSheets(taken, copies.count(), copies.least());
  }

  /**
   * As few sheets as are found, the repeats counted from the sheets' corner; none where parts that
   * meet each other find no room together.
   */
  static Optional<FromSheets> nested(
      List<NestPart> parts, double wide, double tall, double repeatAcross, double repeatDown) {
    NestStock sheets =
        NestStock.repeating(new Box(0, 0, wide, tall), parts.size(), repeatAcross, repeatDown);
    Nested nested =
        Nesting.plan(NestTask.of(parts, List.of(sheets), 0), NestSearch.forLaying(), done -> true);
    if (!nested.unplaced().isEmpty()) {
      return Optional.empty();
    }
    // the sheet with the first part is the first one
    List<Nested.Sheet> inOrder =
        nested.sheets().stream()
            .sorted(
                Comparator.comparingInt(
                    s -> s.parts().stream().mapToInt(Nested.Placed::part).min().orElse(0)))
            .toList();
    Taken[] taken = new Taken[parts.size()];
    for (int s = 0; s < inOrder.size(); s++) {
      for (Nested.Placed p : inOrder.get(s).parts()) {
        taken[p.part()] = new Taken(s + 1, p.at().leftMm(), p.at().topMm());
      }
    }
    return Optional.of(new FromSheets(List.of(taken), nested.newSheets(), nested.least()));
  }
}
