package craftmap.core.lay.rule.ring;

import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Slide;
import craftmap.core.lay.Standing;
import craftmap.core.lay.line.Path;
import craftmap.core.lay.line.Rings;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.Ranking;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.run.Run;
import craftmap.core.lay.rule.run.RunArithmetic;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.Tolerance;
import craftmap.core.measure.YesNo;
import craftmap.core.plane.Point;
import craftmap.core.surface.FrontDatum;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/**
 * Copies round a closed line, in one row or several: n = C / (w + g) rounded either way, pitch C /
 * n. Every n is offered whose gap stays within the allowed change, and the two next to the wish
 * always. Further rows keep the count, so that they stand half a pitch over all round.
 *
 * @param around what the rings go round
 * @param insetMm of the first row's line: from the edge, or down the wall
 * @param centre of a circle that is not the rim
 * @param diameterMm of that circle
 * @param wish gap and allowed change; a ring has no ends
 * @param apartMm from row to row
 * @param shiftMm how far the first copy is moved along
 */
public record Ring(
    Around around,
    double insetMm,
    Point centre,
    double diameterMm,
    RunWish wish,
    int rows,
    double apartMm,
    boolean alternate,
    Look look,
    double shiftMm,
    boolean slides)
    implements LayRule {
  /** What a ring goes round. */
  public enum Around {
    RIM,
    WALL,
    CIRCLE
  }

  /** Which way the tops of the copies look. */
  public enum Look {
    OUTWARD,
    INWARD,
    STANDING
  }

  private static final int MOST_ROWS = 60;
  private static final int MOST_OPTIONS = 40;

  public static Ring read(MeasureSheet sheet) {
    Around around = sheet.choice("around", "goes-round-the", Around.RIM);
    boolean circle = around == Around.CIRCLE;
    double inset =
        circle
            ? 0
            : sheet.distance(
                "inset", around == Around.WALL ? "down-from-the-top" : "in-from-the-edge", 40);
    Point centre =
        circle
            ? new Point(
                sheet.length("x", "middle-from-the-left", 150, LengthRange.PLACE),
                sheet.length("y", "middle-from-the-top", 150, LengthRange.PLACE))
            : new Point(0, 0);
    double diameter = circle ? sheet.size("diameter", "diameter", 200) : 0;
    double gap = sheet.distance("gap", "gap", 15);
    double change = sheet.figure("change", "gap-may-change-by", 15, Run.CHANGE) / 100;
    int rows = sheet.count("rows", "rows", 1, 1, MOST_ROWS);
    double apart = rows > 1 ? sheet.size("apart", "from-row-to-row", 40) : 1;
    boolean alternate =
        rows > 1 && sheet.yes("alternate", "every-other-row-half-a-step-over", true);
    return new Ring(
        around,
        inset,
        centre,
        diameter,
        new RunWish(gap, 0, change),
        rows,
        apart,
        alternate,
        sheet.choice("look", "tops-look", Look.OUTWARD),
        sheet.length("shift", "moved-along-by", 0, LengthRange.PLACE),
        sheet.yes("slides", "may-turn-to-hide-damage", false));
  }

  @Override
  public RuleKind kind() {
    return RuleKind.RING;
  }

  @Override
  public RuleNote note() {
    RuleNote.Writer note =
        RuleNote.of(kind())
            .put("around", around)
            .put("gap", wish.gapMm())
            .put("change", wish.allowedChange() * 100)
            .put("rows", rows)
            .put("look", look)
            .put("shift", shiftMm);
    if (around == Around.CIRCLE) {
      note.put("x", centre.xMm()).put("y", centre.yMm()).put("diameter", diameterMm);
    } else {
      note.put("inset", insetMm);
    }
    if (rows > 1) {
      note.put("apart", apartMm).put("alternate", YesNo.of(alternate));
    }
    return note.put("slides", YesNo.of(slides)).done();
  }

  @Override
  public Ring mirrored(double faceWidthMm) {
    return new Ring(
        around,
        insetMm,
        centre.mirroredAt(faceWidthMm / 2),
        diameterMm,
        wish,
        rows,
        apartMm,
        alternate,
        look,
        0 - shiftMm,
        slides);
  }

  @Override
  public LayAnswer lay(Laying laying) {
    List<Rings.Ring> lines = new ArrayList<>();
    for (int r = 0; r < rows; r++) {
      Optional<Rings.Ring> line = line(laying, r);
      if (line.isEmpty()) {
        return new LayAnswer.NoRoom(
            around == Around.WALL && !laying.room().outline().wraps()
                ? LayAnswer.Reason.NOT_ROLLED_UP
                : LayAnswer.Reason.NO_LINE);
      }
      lines.add(line.get());
    }
    double length = lines.getFirst().path().lengthMm();
    if (Tolerance.EXACT.greater(laying.widthMm(), length)) {
      return new LayAnswer.TooLong(laying.widthMm() - length);
    }
    if (length / (laying.widthMm() + wish.gapMm()) * rows > RunArithmetic.MOST_MOTIFS) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.TOO_MANY);
    }
    List<LayOption> options = new ArrayList<>();
    for (int n : counts(length, laying.widthMm(), wish)) {
      for (Way.OnRing way : List.of(Way.OnRing.RING_ON_DATUM, Way.OnRing.RING_OFF_DATUM)) {
        option(laying, lines, arrangement(laying, lines, way, n, shiftMm)).ifPresent(options::add);
      }
    }
    if (slides) {
      covering(laying, lines, options).ifPresent(options::add);
    }
    return LayAnswer.of(options, LayAnswer.Reason.OVERLAP);
  }

  private Optional<Rings.Ring> line(Laying laying, int row) {
    double in = insetMm + row * apartMm;
    FrontDatum front = laying.room().face().front();
    return switch (around) {
      // round a lid one goes clockwise, which is to the left along its front
      case RIM -> Rings.rim(laying.room().outline(), in).map(r -> r.further(-front.share()));
      case WALL -> Rings.wall(laying.room().outline(), in).map(r -> r.further(front.share()));
      case CIRCLE -> Rings.circle(centre, diameterMm - 2 * row * apartMm);
    };
  }

  /** Every count whose gap is within the allowed change, and the two next to the wish. */
  static List<Integer> counts(double length, double motif, RunWish wish) {
    double wished = length / (motif + wish.gapMm());
    TreeSet<Integer> counts = new TreeSet<>();
    int below = (int) Math.floor(wished + 1e-9);
    if (below >= 1) {
      counts.add(below);
    }
    if (!Tolerance.EXACT.greater((below + 1) * motif, length)) {
      counts.add(below + 1);
    }
    double most = wish.gapMm() * wish.allowedChange();
    for (int n = below; n >= 1 && length / n - motif - wish.gapMm() <= most + 1e-9; n--) {
      counts.add(n);
    }
    for (int n = below + 1; wish.gapMm() - (length / n - motif) <= most + 1e-9; n++) {
      if (length / n < motif || counts.size() > MOST_OPTIONS) {
        break;
      }
      counts.add(n);
    }
    return List.copyOf(counts);
  }

  private static RingRows arrangement(
      Laying laying, List<Rings.Ring> lines, Way.OnRing way, int n, double shift) {
    List<RingRows.Row> rows = new ArrayList<>();
    for (Rings.Ring line : lines) {
      double length = line.path().lengthMm();
      rows.add(new RingRows.Row(length, length / n - laying.widthMm()));
    }
    return new RingRows(way, n, rows, shift);
  }

  private Optional<LayOption> option(Laying laying, List<Rings.Ring> lines, RingRows arrangement) {
    if (arrangement.rows().stream().anyMatch(r -> r.gapMm() < -Tolerance.EXACT.lengthMm())) {
      return Optional.empty();
    }
    List<Item> items = new ArrayList<>();
    for (int r = 0; r < lines.size(); r++) {
      List<Item> row = laying.place(placements(lines.get(r), arrangement, r));
      if (Laying.overlap(row, true)) {
        return Optional.empty();
      }
      items.addAll(row);
    }
    int missing = arrangement.count() * lines.size() - items.size();
    return items.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new LayOption(
                arrangement,
                items,
                Standing.of(
                    new Standing.Judged(
                        Laying.onKeepOuts(items),
                        Laying.slivers(items) + missing,
                        arrangement.way().symmetrical(),
                        Laying.parts(items),
                        arrangement.gapMm() - wish.gapMm(),
                        true,
                        items.size() - Laying.parts(items),
                        arrangement.way().ordinal())),
                Optional.empty()));
  }

  private List<Placement> placements(Rings.Ring line, RingRows arrangement, int row) {
    Path path = line.path();
    int n = arrangement.count();
    double pitch = path.lengthMm() / n;
    double over = alternate && row % 2 == 1 ? 0.5 : 0;
    double offDatum = arrangement.way() == Way.OnRing.RING_OFF_DATUM ? 0.5 : 0;
    // a shift is told along the first row; the others turn by the same share
    double share = arrangement.shiftMm() / arrangement.rows().getFirst().lengthMm();
    double first = line.datumMm() + share * path.lengthMm() + (over + offDatum) * pitch;
    List<Placement> placements = new ArrayList<>(n);
    for (int i = 0; i < n; i++) {
      double along = first + i * pitch;
      placements.add(
          Placement.at(
              path.at(along),
              switch (look) {
                case OUTWARD -> path.directionDeg(along);
                case INWARD -> path.directionDeg(along) + 180;
                case STANDING -> 0;
              }));
    }
    return placements;
  }

  private Optional<LayOption> covering(
      Laying laying, List<Rings.Ring> lines, List<LayOption> options) {
    return Ranking.rank(options).stream()
        .findFirst()
        .flatMap(
            best -> {
              RingRows rows = (RingRows) best.arrangement();
              double half = rows.pitchMm() / 2;
              return Slide.along(
                      shiftMm - half,
                      shiftMm + half,
                      shiftMm,
                      shift ->
                          place(
                              laying,
                              lines,
                              new RingRows(
                                  Way.OnRing.RING_COVERING, rows.count(), rows.rows(), shift)),
                      laying.room().face().blemishes())
                  .flatMap(
                      shift ->
                          option(
                              laying,
                              lines,
                              new RingRows(
                                  Way.OnRing.RING_COVERING, rows.count(), rows.rows(), shift)));
            });
  }

  private List<Item> place(Laying laying, List<Rings.Ring> lines, RingRows arrangement) {
    List<Item> items = new ArrayList<>();
    for (int r = 0; r < lines.size(); r++) {
      items.addAll(laying.place(placements(lines.get(r), arrangement, r)));
    }
    return items;
  }
}
