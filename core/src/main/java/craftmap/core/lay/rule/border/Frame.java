package craftmap.core.lay.rule.border;

import craftmap.core.cut.StockLengths;
import craftmap.core.design.Moulding;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Standing;
import craftmap.core.lay.line.Insets;
import craftmap.core.lay.line.Path;
import craftmap.core.lay.line.Rings;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.Way;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/**
 * Moulding by the length all round a face: mitred where there are corners, its beads or its pattern
 * centred on each side so that corners match; bent where there are none.
 *
 * @param insetMm from the edge of the face to the moulding's outer edge
 * @param sawMm what the saw takes with each cut
 */
public record Frame(double insetMm, double sawMm) implements LayRule {
  private static final LengthRange SAW = LengthRange.DISTANCE.upTo(10);
  private static final double MOST_REPEATS = 6_000;

  public static Frame read(MeasureSheet sheet) {
    return new Frame(
        sheet.distance("inset", "in-from-the-edge", 0),
        sheet.length("saw", "the-saw-takes", 3, SAW));
  }

  @Override
  public RuleKind kind() {
    return RuleKind.FRAME;
  }

  @Override
  public RuleNote note() {
    return RuleNote.of(kind()).put("inset", insetMm).put("saw", sawMm).done();
  }

  @Override
  public Frame mirrored(double faceWidthMm) {
    return this;
  }

  @Override
  public LayAnswer lay(Laying laying) {
    double tall = laying.heightMm();
    Optional<List<Insets.Side>> outer =
        Insets.ring(laying.room().outline(), insetMm).map(Insets::sides);
    Optional<List<Insets.Side>> middle =
        Insets.ring(laying.room().outline(), insetMm + tall / 2).map(Insets::sides);
    if (outer.isEmpty() || middle.isEmpty()) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.NO_LINE);
    }
    if (laying.room().outline().edgeMm() / laying.widthMm() > MOST_REPEATS) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.TOO_MANY);
    }
    List<Geometry> strips = MitredStrips.of(laying.room().outline(), insetMm, tall);
    List<LayOption> options = new ArrayList<>();
    if (outer.get().size() < 2) {
      bent(laying).ifPresent(options::add);
    } else if (strips.size() == middle.get().size()) {
      List<FrameSides.Side> sides = mitred(laying, outer.get());
      options.add(option(laying, Way.InFrame.FRAME_ON_MOTIF, sides, middle.get(), strips));
      options.add(option(laying, Way.InFrame.FRAME_ON_GAP, sides, middle.get(), strips));
    }
    return LayAnswer.of(options, LayAnswer.Reason.NO_LINE);
  }

  private List<FrameSides.Side> mitred(Laying laying, List<Insets.Side> outer) {
    List<Insets.Side> inner =
        Insets.ring(laying.room().outline(), insetMm + laying.heightMm())
            .map(Insets::sides)
            .orElseThrow();
    List<FrameSides.Side> sides = new ArrayList<>();
    for (int i = 0; i < outer.size(); i++) {
      double end = outer.get((i + 1) % outer.size()).cornerDeg();
      sides.add(
          new FrameSides.Side(
              outer.get(i).path().lengthMm(),
              inner.get(i).path().lengthMm(),
              outer.get(i).cornerDeg() / 2,
              end / 2));
    }
    return sides;
  }

  private LayOption option(
      Laying laying,
      Way.InFrame way,
      List<FrameSides.Side> sides,
      List<Insets.Side> middle,
      List<Geometry> strips) {
    double w = laying.widthMm();
    List<Item> items = new ArrayList<>();
    for (int i = 0; i < middle.size(); i++) {
      Path path = middle.get(i).path();
      double half = path.lengthMm() / 2;
      double off = way == Way.InFrame.FRAME_ON_GAP ? w / 2 : 0;
      // half a moulding's depth further out, so that the mitres are filled
      int reach = (int) Math.ceil((half + laying.heightMm()) / w + 0.5);
      for (int k = -reach; k <= reach; k++) {
        double along = half + off + k * w;
        Placement at = Placement.at(path.at(along), path.directionDeg(half));
        MitredStrips.cut(laying, at, strips.get(i)).ifPresent(items::add);
      }
    }
    return option(laying, way, sides, items, 0, true);
  }

  private Optional<LayOption> bent(Laying laying) {
    double tall = laying.heightMm();
    return Rings.rim(laying.room().outline(), insetMm + tall / 2)
        .map(
            ring -> {
              double length = ring.path().lengthMm();
              int n = (int) Math.max(1, Math.round(length / laying.widthMm()));
              List<Placement> at = new ArrayList<>();
              for (int i = 0; i < n; i++) {
                double along = i * length / n;
                at.add(Placement.at(ring.path().at(along), ring.path().directionDeg(along)));
              }
              double radius = tightestMm(laying);
              boolean bends =
                  laying.design() instanceof Moulding m
                      && m.leastBendRadiusMm().filter(r -> r <= radius).isPresent();
              return option(
                  laying,
                  Way.InFrame.FRAME_BENT,
                  List.of(new FrameSides.Side(length, length, 0, 0)),
                  laying.place(at),
                  radius,
                  bends);
            });
  }

  /** Of an oval the bend at the end of its longer axis is the tightest: b squared over a. */
  private double tightestMm(Laying laying) {
    double a = laying.room().outline().widthMm() / 2 - insetMm;
    double b = laying.room().outline().heightMm() / 2 - insetMm;
    return Math.min(a, b) * Math.min(a, b) / Math.max(a, b);
  }

  private LayOption option(
      Laying laying,
      Way.InFrame way,
      List<FrameSides.Side> sides,
      List<Item> items,
      double radius,
      boolean bends) {
    double stock =
        laying.design() instanceof Moulding m && m.stockMm() > 0 ? m.stockMm() : laying.widthMm();
    StockLengths.Plan cutting =
        StockLengths.plan(sides.stream().map(FrameSides.Side::outerMm).toList(), stock, sawMm);
    return new LayOption(
        new FrameSides(way, sides, cutting, radius, bends),
        items,
        Standing.of(
            new Standing.Judged(
                Laying.onKeepOuts(items), bends ? 0 : 1, true, 0, 0, true, 0, way.ordinal())),
        Optional.empty());
  }
}
