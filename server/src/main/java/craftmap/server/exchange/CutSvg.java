package craftmap.server.exchange;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.design.CustomCut;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.cover.SheetWork;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.LayReading;
import craftmap.server.piece.view.PathData;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Envelope;

/**
 * What is cut for a lay, as lines in millimetres at true size: each sheet once for every copy it
 * takes, its openings first and the sheet's own edge last, so that nothing moves while it is cut.
 */
final class CutSvg {
  private static final double GAP_MM = 10;
  private static final int DECIMALS = 3;

  private CutSvg() {}

  static String of(LayReading reading) {
    if (reading instanceof LayReading.Laid laid
        && laid.chosen().arrangement() instanceof SheetWork work) {
      return pattern(laid, work);
    }
    if (!(reading instanceof LayReading.Laid laid)
        || laid.items().stream().noneMatch(i -> i.design() instanceof CustomCut)) {
      throw new RefusedInput(
          "lay",
          given(reading.lay().id()),
          said("has-nothing-to-cut"),
          said("lettering-a-custom-cut-design-or-sheets"));
    }
    Map<CustomCut, Double> sheets = new IdentityHashMap<>();
    List<CustomCut> inOrder = new ArrayList<>();
    for (Item item : laid.items()) {
      if (item.design() instanceof CustomCut cut && sheets.put(cut, item.at().scale()) == null) {
        inOrder.add(cut);
      }
    }
    double width = 0;
    double height = 0;
    StringBuilder groups = new StringBuilder();
    for (CustomCut cut : inOrder) {
      double scale = sheets.get(cut);
      groups.append(group(cut, scale, height));
      width = Math.max(width, cut.sheetWidthMm() * scale);
      height += cut.sheetHeightMm() * scale + GAP_MM;
    }
    return page(width, height, laid.design().name(), groups);
  }

  private static String page(double width, double height, String title, CharSequence groups) {
    return """
        <?xml version="1.0" encoding="UTF-8"?>
        <svg xmlns="http://www.w3.org/2000/svg" width="%1$smm" height="%2$smm" viewBox="0 0 %1$s %2$s" fill="none" stroke="#000000" stroke-width="0.1">
        <title>%3$s</title>
        %4$s</svg>
        """
        .formatted(mm(width), mm(height - GAP_MM), MapSvg.text(title), groups);
  }

  /** The parts side by side, each as its sheet is cut, with its number: a pattern to cut along. */
  private static String pattern(LayReading.Laid laid, SheetWork work) {
    StringBuilder groups = new StringBuilder();
    double width = 0;
    double height = 0;
    for (SheetPart part : work.parts()) {
      Envelope e = part.shape().getEnvelopeInternal();
      groups.append(
          """
          <g transform="translate(%s %s)">
          <title>%s</title>
          <path class="part" d="%s"/>
          </g>
          """
              .formatted(
                  mm(-e.getMinX()),
                  mm(height - e.getMinY()),
                  part.number(),
                  PathData.of(part.shape())));
      width = Math.max(width, e.getWidth());
      height += e.getHeight() + GAP_MM;
    }
    return page(width, height, laid.design().name(), groups);
  }

  private static String group(CustomCut cut, double scale, double top) {
    return """
        <g transform="translate(0 %s) scale(%s)">
        <title>%s</title>
        <path class="opening" d="%s"/>
        <rect class="sheet" x="0" y="0" width="%s" height="%s"/>
        </g>
        """
        .formatted(
            mm(top),
            Decimals.show(scale, 6),
            MapSvg.text(cut.name()),
            cut.openings().pathData(),
            mm(cut.sheetWidthMm()),
            mm(cut.sheetHeightMm()));
  }

  private static String mm(double value) {
    return Decimals.show(value, DECIMALS);
  }
}
