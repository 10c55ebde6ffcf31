package craftmap.core.plan.cutting;

import craftmap.core.cut.cutter.CutterSheet;
import craftmap.core.design.CustomCut;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.cover.SheetWork;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.plan.LayReading;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * What a blade cuts for a lay: the openings of custom-cut stencils with their sheet's edge, letters
 * of vinyl, and the parts of sheets as they show. Each stencil sheet is cut once, however often it
 * is laid down; vinyl is cut as often as it is stuck on.
 */
public final class CutterLines {
  private CutterLines() {}

  /** In the order of the lay; nothing where there is nothing to cut. */
  public static List<CutterSheet> of(LayReading.Laid laid) {
    if (laid.chosen().arrangement() instanceof SheetWork work) {
      List<CutterSheet> parts = new ArrayList<>();
      for (SheetPart part : work.parts()) {
        parts.add(new CutterSheet("" + part.number(), part.shape(), Optional.empty()));
      }
      return parts;
    }
    Map<CustomCut, Boolean> seen = new IdentityHashMap<>();
    List<CutterSheet> sheets = new ArrayList<>();
    for (Item item : laid.items()) {
      if (item.design() instanceof CustomCut cut
          && (cut.film() == CustomCut.Film.VINYL || seen.put(cut, true) == null)) {
        sheets.add(sheet(cut, item.at().scale()));
      }
    }
    return sheets;
  }

  private static CutterSheet sheet(CustomCut cut, double scale) {
    Geometry openings =
        AffineTransformation.scaleInstance(scale, scale).transform(cut.openings().outline());
    return new CutterSheet(
        cut.name(),
        openings,
        cut.film() == CustomCut.Film.VINYL
            ? Optional.empty()
            : Optional.of(new Box(0, 0, cut.sheetWidthMm() * scale, cut.sheetHeightMm() * scale)));
  }
}
