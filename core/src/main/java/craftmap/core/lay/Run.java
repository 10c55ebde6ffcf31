package craftmap.core.lay;

import craftmap.core.design.StencilDesign;
import craftmap.core.measure.Tolerance;
import craftmap.core.surface.Face;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Motifs in a row along a line. */
public record Run(RunLine line, RunWish wish) implements LayRule {

  @Override
  public LayAnswer lay(Face face, StencilDesign stencil) {
    double reach = line.reachOn(face.outline());
    double tall = stencil.printHeightMm();
    if (Tolerance.EXACT.greater(tall, reach)) {
      return new LayAnswer.TooTall(tall - reach);
    }
    double nearest = tall / 2;
    double farthest = reach - tall / 2;
    double over = Math.max(nearest - line.distanceMm(), line.distanceMm() - farthest);
    if (Tolerance.EXACT.greater(over, 0)) {
      return new LayAnswer.OverTheEdge(over, nearest, farthest);
    }
    Span span = line.spanOn(face.outline(), tall).orElse(new Span(0, 0));
    double length = span.lengthMm() - line.startInsetMm() - line.endInsetMm();
    if (!Tolerance.EXACT.greater(length, 0)) {
      return new LayAnswer.TooLong(stencil.printWidthMm() + 2 * wish.endMarginMm());
    }
    List<RunRow> rows = RunArithmetic.rows(length, stencil.printWidthMm(), wish);
    if (rows.isEmpty()) {
      double needs = stencil.printWidthMm() + 2 * wish.endMarginMm();
      return new LayAnswer.TooLong(needs - length);
    }
    RunPlacement placement = new RunPlacement(face, stencil.kind(), line, span.fromMm(), tall);
    List<LayOption> options = new ArrayList<>(rows.size());
    for (RunRow row : rows) {
      List<Item> items = placement.items(row);
      int hits = (int) items.stream().filter(Item::onKeepOut).count();
      options.add(new LayOption(row, items, Standing.of(row, wish, hits), Optional.empty()));
    }
    return new LayAnswer.Options(Ranking.rank(options));
  }
}
