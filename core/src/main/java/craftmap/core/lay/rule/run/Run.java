package craftmap.core.lay.rule.run;

import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Slide;
import craftmap.core.lay.Standing;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.Ranking;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.Way;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.Edge;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Motifs in a row along a line.
 *
 * @param slides whether it may also slide along its line to hide damage
 */
public record Run(LayLine line, RunWish wish, boolean slides) implements LayRule {
  private static final double LEAST_MARGIN_IN_GAPS = 0.5;
  private static final double MOST_MARGIN_IN_GAPS = 1.5;
  public static final FigureRange CHANGE = new FigureRange("%", 0, 90, 1);

  public static Run alongEdge(MeasureSheet sheet) {
    Edge edge = sheet.choice("edge", "along-the", Edge.TOP);
    double distance = sheet.distance("distance", "down-from-it", 60);
    RunWish wish = wish(sheet);
    return new Run(
        new EdgeLine(
            edge,
            distance,
            sheet.distance("start", "starts-after", 0),
            sheet.distance("end", "stops-before", 0)),
        wish,
        slides(sheet));
  }

  public static Run alongPoints(MeasureSheet sheet, List<Point> points) {
    DrawnLine.Shape shape = sheet.choice("shape", "the-line-is", DrawnLine.Shape.STRAIGHT);
    DrawnLine.Stand stand = sheet.choice("stand", "motifs-stand", DrawnLine.Stand.WITH_THE_LINE);
    RunWish wish = wish(sheet);
    return new Run(
        new DrawnLine(
            shape,
            points,
            stand,
            sheet.distance("start", "starts-after", 0),
            sheet.distance("end", "stops-before", 0)),
        wish,
        slides(sheet));
  }

  private static RunWish wish(MeasureSheet sheet) {
    double gap = sheet.distance("gap", "gap", 24);
    double margin = sheet.distance("margin", "end-margin-at-least", 12);
    return new RunWish(gap, margin, sheet.figure("change", "gap-may-change-by", 15, CHANGE) / 100);
  }

  private static boolean slides(MeasureSheet sheet) {
    return sheet.yes("slides", "may-slide-to-hide-damage", false);
  }

  @Override
  public RuleKind kind() {
    return line instanceof EdgeLine ? RuleKind.RUN : RuleKind.LINE;
  }

  @Override
  public RuleNote note() {
    RuleNote.Writer note =
        RuleNote.of(kind())
            .put("gap", wish.gapMm())
            .put("margin", wish.endMarginMm())
            .put("change", wish.allowedChange() * 100);
    if (slides) {
      note.put("slides", craftmap.core.measure.YesNo.YES);
    }
    return switch (line) {
      case EdgeLine edge ->
          note.put("edge", edge.edge())
              .put("distance", edge.distanceMm())
              .put("start", edge.startInsetMm())
              .put("end", edge.endInsetMm())
              .done();
      case DrawnLine drawn ->
          note.put("shape", drawn.shape())
              .put("stand", drawn.stand())
              .put("start", drawn.startInsetMm())
              .put("end", drawn.endInsetMm())
              .done(drawn.points(), "");
    };
  }

  @Override
  public Run mirrored(double faceWidthMm) {
    return new Run(
        switch (line) {
          case EdgeLine edge -> edge.mirrored();
          case DrawnLine drawn -> drawn.mirroredAt(faceWidthMm / 2);
        },
        wish,
        slides);
  }

  @Override
  public LayAnswer lay(Laying laying) {
    return switch (line) {
      case EdgeLine edge -> along(edge, laying);
      case DrawnLine drawn -> along(drawn, laying);
    };
  }

  private LayAnswer along(EdgeLine edge, Laying laying) {
    double reach = edge.reachOn(laying.room().outline());
    double tall = laying.heightMm();
    // what reaches over an edge is laid as far as it lies on the face, and told
    double nearest = Math.max(0, edge.distanceMm() - tall / 2);
    double farthest = Math.min(reach, edge.distanceMm() + tall / 2);
    EdgeLine middle = edge.at((nearest + farthest) / 2);
    double onFace = farthest - nearest;
    if (!Tolerance.EXACT.greater(onFace, 0) || !middle.isLeftOn(laying.room().outline(), onFace)) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.NO_LINE);
    }
    Span span = middle.spanOn(laying.room().outline(), onFace).orElse(new Span(0, 0));
    double length = span.lengthMm() - edge.startInsetMm() - edge.endInsetMm();
    RunPlacement placement = new RunPlacement(laying, edge, span.fromMm());
    double tallest = 2 * Math.min(edge.distanceMm(), reach - edge.distanceMm());
    return options(laying, length, tallest, placement::items);
  }

  private LayAnswer along(DrawnLine drawn, Laying laying) {
    double length = drawn.path().lengthMm() - drawn.startInsetMm() - drawn.endInsetMm();
    if (!Tolerance.EXACT.greater(length, 0)) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.NO_LINE);
    }
    return options(
        laying,
        length,
        Double.POSITIVE_INFINITY,
        row -> {
          List<Placement> at = new ArrayList<>(row.count());
          for (int i = 0; i < row.count(); i++) {
            double along = drawn.startInsetMm() + row.centreMm(i);
            at.add(
                new Placement(
                    drawn.path().at(along),
                    drawn.turnDeg(along),
                    false,
                    row.motifMm() / laying.widthMm()));
          }
          return laying.place(at);
        });
  }

  private LayAnswer options(
      Laying laying, double length, double tallest, Function<RunRow, List<Item>> place) {
    List<RunRow> rows = new ArrayList<>(RunArithmetic.rows(length, laying.widthMm(), wish));
    boolean drawn = line instanceof DrawnLine;
    if (drawn) {
      rows.removeIf(r -> r.way().runsOff()); // beyond its ends a drawn line leads nowhere
    }
    if (laying.design().handling().scales()) {
      double largest = Math.min(RunArithmetic.MOST_SCALE, tallest / laying.heightMm());
      rows.addAll(RunArithmetic.scaled(length, laying.widthMm(), wish, largest));
    }
    if (rows.isEmpty()) {
      rows.addAll(RunArithmetic.oneThatRunsOff(length, laying.widthMm(), wish));
    }
    List<LayOption> options = new ArrayList<>(rows.size());
    for (RunRow row : rows) {
      List<Item> items = place.apply(row);
      if (!items.isEmpty() && !(drawn && Laying.overlap(items, false))) {
        options.add(option(row, items));
      }
    }
    if (slides) {
      covering(laying, options, place).ifPresent(options::add);
    }
    return LayAnswer.of(options, LayAnswer.Reason.OVERLAP);
  }

  private LayOption option(RunRow row, List<Item> items) {
    Standing standing = standing(row, wish, items);
    if (line instanceof DrawnLine) {
      standing =
          Standing.of(
              new Standing.Judged(
                  Laying.onKeepOuts(items),
                  Laying.slivers(items) + row.count() - items.size(),
                  row.way().symmetrical(),
                  Laying.parts(items),
                  row.gapMm() - wish.gapMm(),
                  inProportion(row),
                  items.size() - Laying.parts(items),
                  row.way().ordinal()));
    }
    return new LayOption(row, items, standing, Optional.empty());
  }

  /** The best row with ends to spare, slid along to hide the most damage. */
  private Optional<LayOption> covering(
      Laying laying, List<LayOption> options, Function<RunRow, List<Item>> place) {
    return Ranking.rank(options).stream()
        .map(LayOption::arrangement)
        .filter(RunRow.class::isInstance)
        .map(RunRow.class::cast)
        .filter(r -> !r.way().runsOff())
        .findFirst()
        .flatMap(
            row -> {
              double span = row.count() * row.motifMm() + (row.count() - 1) * row.gapMm();
              double least = wish.endMarginMm();
              double most = row.lineMm() - wish.endMarginMm() - span;
              return Slide.along(
                      least,
                      most,
                      row.firstStartMm(),
                      start -> place.apply(row.slid(Way.OnLine.COVERING, start)),
                      laying.room().face().blemishes())
                  .map(start -> row.slid(Way.OnLine.COVERING, start))
                  .map(r -> option(r, place.apply(r)));
            });
  }

  static Standing standing(RunRow row, RunWish wish, List<Item> items) {
    int parts = Math.max(row.parts(), Laying.parts(items));
    return Standing.of(
        new Standing.Judged(
            Laying.onKeepOuts(items),
            Math.max(row.slivers(), Laying.slivers(items)),
            row.way().symmetrical(),
            parts,
            row.gapMm() - wish.gapMm(),
            inProportion(row),
            row.count() - parts,
            row.way().ordinal()));
  }

  /** True when both ends are between half a gap and one and a half gaps wide. */
  static boolean inProportion(RunRow row) {
    return inProportion(row.startMarginMm(), row.gapMm())
        && inProportion(row.endMarginMm(), row.gapMm());
  }

  private static boolean inProportion(double marginMm, double gapMm) {
    return !Tolerance.EXACT.greater(LEAST_MARGIN_IN_GAPS * gapMm, marginMm)
        && !Tolerance.EXACT.greater(marginMm, MOST_MARGIN_IN_GAPS * gapMm);
  }
}
