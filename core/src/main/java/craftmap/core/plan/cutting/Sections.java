package craftmap.core.plan.cutting;

import craftmap.core.design.Design;
import craftmap.core.design.Transfer;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * What of a sheet lies in the hand when it is measured: the whole of it, the leftover that it is,
 * or the sections a picture comes in. All are told in the measures of the whole sheet.
 *
 * @param sheet the sheet, or the leftover of one
 * @param each the sections of it that there are, from the left or the top; itself where it is whole
 */
public record Sections(Box sheet, List<Box> each) {
  /** What a knife cannot tell apart. */
  private static final Tolerance NEAR = new Tolerance(0.01);

  public Sections {
    each = List.copyOf(each);
  }

  public static Sections of(Design design, Box sheet) {
    return new Sections(
        sheet,
        design instanceof Transfer transfer
            ? transfer.sections().stream()
                .filter(s -> s.overlaps(sheet, NEAR.lengthMm()))
                .map(s -> common(s, sheet))
                .toList()
            : List.of(sheet));
  }

  private static Box common(Box a, Box b) {
    return Box.between(
        Math.max(a.leftMm(), b.leftMm()),
        Math.max(a.topMm(), b.topMm()),
        Math.min(a.rightMm(), b.rightMm()),
        Math.min(a.bottomMm(), b.bottomMm()));
  }

  /** Whether there is more than one of them. */
  public boolean areSeveral() {
    return each.size() > 1;
  }

  /** Which of several holds a part or a cut, the first being 0; none where it lies over a joint. */
  public OptionalInt holding(Box part) {
    return areSeveral()
        ? IntStream.range(0, each.size()).filter(i -> holds(each.get(i), part)).findFirst()
        : OptionalInt.empty();
  }

  private static boolean holds(Box section, Box part) {
    double mm = NEAR.lengthMm();
    return part.leftMm() > section.leftMm() - mm
        && part.topMm() > section.topMm() - mm
        && part.rightMm() < section.rightMm() + mm
        && part.bottomMm() < section.bottomMm() + mm;
  }

  /** What a part or a cut is measured on: the section that holds it, or all of the sheet. */
  public Box measuring(Box part) {
    OptionalInt section = holding(part);
    return section.isPresent() ? each.get(section.getAsInt()) : sheet;
  }
}
