package craftmap.core.lay.rule.pieces;

import craftmap.core.design.Design;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Standing;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.cover.Spread;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Planar;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Geometry;

/**
 * Photos and cut-outs put together: with a gap, each by itself; with an overlap, one over the
 * other, but never over what matters. What has a top keeps it up.
 *
 * @param amountMm the gap, or by how much neighbours may lie over each other
 * @param marginMm from the edge of the face
 * @param tiltDeg pieces may hang askew by this much
 */
public record Collage(Spacing spacing, double amountMm, double marginMm, double tiltDeg, int seed)
    implements LayRule {
  /** How neighbours lie. */
  public enum Spacing {
    GAP,
    OVERLAP
  }

  private static final FigureRange TILT = new FigureRange("°", 0, 45, 0);
  private static final int MOST_SEED = 999_999;
  private static final int MOST_PIECES = 120;
  private static final int THROWN = 3;

  public static Collage read(MeasureSheet sheet) {
    Spacing spacing = sheet.choice("spacing", "neighbours", Spacing.GAP);
    return new Collage(
        spacing,
        spacing == Spacing.GAP
            ? sheet.length("gap", "gap", 8, LengthRange.DISTANCE.upTo(500))
            : sheet.length("overlap", "overlap-by-up-to", 20, LengthRange.DISTANCE.upTo(500)),
        sheet.distance("margin", "from-the-edge", 10),
        sheet.figure("tilt", "askew-by-up-to", 0, TILT),
        sheet.count("seed", "throw-number", 1, 0, MOST_SEED));
  }

  @Override
  public RuleKind kind() {
    return RuleKind.COLLAGE;
  }

  @Override
  public RuleNote note() {
    return RuleNote.of(kind())
        .put("spacing", spacing)
        .put(spacing == Spacing.GAP ? "gap" : "overlap", amountMm)
        .put("margin", marginMm)
        .put("tilt", tiltDeg)
        .put("seed", (double) seed)
        .done();
  }

  @Override
  public Collage mirrored(double faceWidthMm) {
    return this;
  }

  @Override
  public LayAnswer lay(Laying laying) {
    List<Design> pieces =
        Stream.concat(Stream.of(laying.design()), laying.more().stream()).toList();
    if (pieces.size() > MOST_PIECES) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.TOO_MANY);
    }
    Geometry inside = laying.room().free().buffer(-marginMm);
    if (inside.isEmpty()) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.NOTHING_FREE);
    }
    List<Spread> spreads = spreads(pieces);
    List<LayOption> options = new ArrayList<>();
    if (spacing == Spacing.GAP) {
      CollageRows.place(pieces, inside, amountMm)
          .flatMap(p -> option(laying, Way.Hung.COLLAGE_IN_ROWS, 1, p, pieces, spreads))
          .ifPresent(options::add);
      spread(laying, pieces, spreads, inside).ifPresent(options::add);
    }
    for (int t = 0; t < THROWN; t++) {
      int number = t + 1;
      new CollageThrow(this, pieces, spreads, inside, seed + t)
          .thrown()
          .flatMap(p -> option(laying, Way.Hung.COLLAGE_LOOSE, number, p, pieces, spreads))
          .ifPresent(options::add);
    }
    return LayAnswer.of(options, LayAnswer.Reason.DOES_NOT_HOLD_ALL);
  }

  /** Over all of the face, in rows or as evenly as its shape allows: whichever is further apart. */
  private Optional<LayOption> spread(
      Laying laying, List<Design> pieces, List<Spread> spreads, Geometry inside) {
    if (pieces.size() < 2) {
      return Optional.empty();
    }
    return Stream.of(
            CollageRows.spread(pieces, inside, amountMm), CollageSpread.place(pieces, inside))
        .flatMap(Optional::stream)
        .flatMap(p -> option(laying, Way.Hung.COLLAGE_SPREAD, 1, p, pieces, spreads).stream())
        .filter(o -> gapOf(o) >= amountMm)
        .max(Comparator.comparingDouble(Collage::gapOf));
  }

  private static double gapOf(LayOption option) {
    return ((CollageSet) option.arrangement()).leastGapMm();
  }

  private Optional<LayOption> option(
      Laying laying,
      Way.Hung way,
      int throwing,
      List<Placement> places,
      List<Design> pieces,
      List<Spread> spreads) {
    List<Item> items = new ArrayList<>();
    for (int i = 0; i < places.size(); i++) {
      laying.room().place(pieces.get(i), places.get(i)).ifPresent(items::add);
    }
    if (items.size() < pieces.size()) {
      return Optional.empty();
    }
    double union = Planar.union(items.stream().map(Item::print).toList()).getArea();
    double free = laying.room().free().getArea();
    double least = leastGap(items, spreads);
    CollageSet set =
        new CollageSet(way, items.size(), throwing, union, Math.max(0, 1 - union / free), least);
    return Optional.of(
        new LayOption(
            set,
            items,
            Standing.of(
                new Standing.Judged(
                    Laying.onKeepOuts(items),
                    0,
                    true,
                    Laying.parts(items),
                    least - wishMm(),
                    true,
                    items.size(),
                    way.ordinal() + throwing)),
            Optional.empty()));
  }

  /** Of each piece; many are of one design. */
  private static List<Spread> spreads(List<Design> pieces) {
    Map<Design, Spread> known = new IdentityHashMap<>();
    return pieces.stream().map(d -> known.computeIfAbsent(d, Spread::new)).toList();
  }

  private static double leastGap(List<Item> items, List<Spread> spreads) {
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i < items.size(); i++) {
      for (int k = 0; k < i; k++) {
        least =
            Math.min(
                least,
                spreads.get(i).signedGapMm(items.get(i).at(), spreads.get(k), items.get(k).at()));
      }
    }
    return Double.isInfinite(least) ? 0 : least;
  }

  /** The clear distance wished for; below 0 where neighbours lie over each other. */
  double wishMm() {
    return spacing == Spacing.GAP ? amountMm : -amountMm;
  }
}
