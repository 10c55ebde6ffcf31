package craftmap.core.plan.cutting;

import craftmap.core.cut.nest.NestPart;
import craftmap.core.design.Design;
import craftmap.core.design.Napkin;
import craftmap.core.lay.rule.cover.SheetWork;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.plan.LayReading;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.List;

/** The parts that lays ask for, in the order of the lays. */
final class CutParts {
  private final Design design;
  private final Box sheet;
  private int number;
  private int met;

  private CutParts(Design design) {
    this.design = design;
    this.sheet = DesignCut.sheetOf(design);
  }

  /**
   * A part.
   *
   * @param onePicture it shows one of the pictures that are printed on a sheet, and may come from
   *     any of them; its window is told on the first
   * @param meets parts of one number meet each other, wherever the first is cut; {@link
   *     NestPart#AS_TOLD} where it shows what its window shows
   */
  record Part(DesignCut.Piece piece, boolean onePicture, int meets) {
    Box window() {
      return piece.window();
    }

    Part showing(Box other, int otherMeets) {
      return new Part(piece.at(other, piece.turned()), onePicture, otherMeets);
    }
  }

  static List<Part> of(Design design, List<DesignCut.Source> lays) {
    CutParts parts = new CutParts(design);
    List<Part> all = new ArrayList<>();
    lays.forEach(l -> parts.add(l, all));
    return all;
  }

  private void add(DesignCut.Source source, List<Part> into) {
    LayReading.Laid laid = source.laid();
    if (laid.chosen().arrangement() instanceof SheetWork work) {
      for (SheetPart part : work.parts()) {
        boolean one = isOnePicture(part.design());
        // parts of different lays need not meet
        int meets = part.meets() == NestPart.AS_TOLD ? part.meets() : met + part.meets();
        into.add(new Part(piece(source, laid.faceIds().get(part.front()), part.cut()), one, meets));
      }
      met += work.parts().stream().mapToInt(SheetPart::meets).max().orElse(0);
    } else {
      for (var item : laid.items()) {
        Box window = SheetPart.grown(item, item.design().printed(), 0);
        into.add(
            new Part(
                piece(source, laid.lay().faceId(), window),
                isOnePicture(item.design()),
                NestPart.AS_TOLD));
      }
    }
  }

  /** Whether what is laid is one of several pictures on a sheet, not the whole of it. */
  private boolean isOnePicture(Design laidAs) {
    return design instanceof Napkin n
        && n.quarters() > 1
        && laidAs.printed().areaMm2() < 0.9 * sheet.areaMm2();
  }

  private DesignCut.Piece piece(DesignCut.Source source, String faceId, Box window) {
    return new DesignCut.Piece(
        ++number, source.pieceId(), source.laid().lay().id(), faceId, window, false);
  }
}
