package craftmap.core.lay.rule.border;

import craftmap.core.design.Design;
import craftmap.core.design.Moulding;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Standing;
import craftmap.core.lay.line.Insets;
import craftmap.core.lay.rule.Apart;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.Way;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/**
 * One copy in each corner, its edges along the face's true edges. The design is drawn for the top
 * left corner. What may be turned over is mirrored from corner to corner; what comes in handed
 * pairs takes a left and a right one in turn; a round piece is cut in quarters; anything else is
 * turned.
 */
public record Corners(double insetMm, Which which) implements LayRule {
  /** Which corners, clockwise from the top left. */
  public enum Which {
    ALL(true, true),
    UPPER(true, false),
    LOWER(false, true);

    private final boolean upper;
    private final boolean lower;

    Which(boolean upper, boolean lower) {
      this.upper = upper;
      this.lower = lower;
    }
  }

  public static Corners read(MeasureSheet sheet) {
    return new Corners(
        sheet.distance("inset", "clear-of-the-edges-by", 15),
        sheet.choice("which", "in", Which.ALL));
  }

  @Override
  public RuleKind kind() {
    return RuleKind.CORNERS;
  }

  @Override
  public RuleNote note() {
    return RuleNote.of(kind()).put("inset", insetMm).put("which", which).done();
  }

  @Override
  public Corners mirrored(double faceWidthMm) {
    return this;
  }

  /** A corner: where, and which way its second side leads, clockwise round the face. */
  private record Corner(Point at, double directionDeg, double bendDeg) {}

  @Override
  public LayAnswer lay(Laying laying) {
    if (corners(laying, 0).size() < 3) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.NO_CORNERS);
    }
    List<LayOption> apart = options(laying, false);
    // what is too large for its face is laid all the same, and told to lie on each other
    return LayAnswer.of(apart.isEmpty() ? options(laying, true) : apart, LayAnswer.Reason.OVERLAP);
  }

  private List<LayOption> options(Laying laying, boolean onEachOther) {
    Design design = laying.design();
    List<LayOption> options = new ArrayList<>();
    if (design.handling().mirrors()) {
      options.addAll(set(laying, Way.InCorners.CORNERS_MIRRORED, onEachOther));
    }
    if (design instanceof Moulding m && m.form() == Moulding.Form.HANDED_PAIR) {
      options.addAll(set(laying, Way.InCorners.CORNERS_PAIRS, onEachOther));
    }
    if (design instanceof Moulding m && m.quarters()) {
      options.addAll(set(laying, Way.InCorners.CORNERS_QUARTERS, onEachOther));
    }
    if (design.handling().turns()) {
      options.addAll(set(laying, Way.InCorners.CORNERS_TURNED, onEachOther));
    }
    return options;
  }

  private List<LayOption> set(Laying laying, Way.InCorners way, boolean onEachOther) {
    boolean quarters = way == Way.InCorners.CORNERS_QUARTERS;
    double w = laying.widthMm();
    double h = laying.heightMm();
    List<Item> items = new ArrayList<>();
    List<Corner> corners = corners(laying, insetMm);
    int number = 0;
    int wanted = 0;
    for (Corner corner : corners) {
      boolean upper = corner.at.yMm() < laying.room().outline().heightMm() / 2;
      boolean odd = number % 2 == 1;
      number++;
      if (!(upper ? which.upper : which.lower)) {
        continue;
      }
      wanted++;
      if (quarters) {
        quarter(laying, corner).ifPresent(items::add);
      } else {
        boolean over = odd && way != Way.InCorners.CORNERS_TURNED;
        laying.room().place(laying.design(), at(corner, w, h, over)).ifPresent(items::add);
      }
    }
    boolean apart = quarters || onEachOther || !Apart.anyOverlap(items);
    if (items.isEmpty() || !apart) {
      return List.of();
    }
    int parts = quarters ? 0 : Laying.parts(items);
    return List.of(
        new LayOption(
            new CornerSet(
                way, items.size(), quarters ? Math.ceilDiv(items.size(), 4) : items.size()),
            items,
            Standing.of(
                new Standing.Judged(
                    Laying.onKeepOuts(items),
                    (quarters ? 0 : Laying.slivers(items)) + wanted - items.size(),
                    way.symmetrical() || isSymmetrical(laying.design()),
                    parts,
                    0,
                    true,
                    items.size() - parts,
                    way.ordinal())),
            Optional.empty()));
  }

  /** Turning is as good as mirroring where the corner piece is its own image about the diagonal. */
  private static boolean isSymmetrical(Design design) {
    if (Math.abs(design.printWidthMm() - design.printHeightMm()) > 0.02 * design.printWidthMm()) {
      return false;
    }
    Point middle = design.printed().centre();
    Geometry shape = design.shape();
    Geometry swapped =
        new org.locationtech.jts.geom.util.AffineTransformation(
                0, 1, middle.xMm() - middle.yMm(), 1, 0, middle.yMm() - middle.xMm())
            .transform(shape);
    return Planar.difference(shape, swapped).getArea() < 0.03 * shape.getArea();
  }

  /** A mirrored copy is turned over about the corner's own diagonal. */
  private static Placement at(Corner corner, double w, double h, boolean over) {
    double turn = corner.directionDeg + (90 - corner.bendDeg) / 2;
    return CornerSeat.of(
            corner.at, corner.directionDeg, corner.bendDeg, w, h, over ? turn - 90 : turn, over)
        .at();
  }

  /** The piece's middle on the corner itself, cut to the quarter that lies inside. */
  private Optional<Item> quarter(Laying laying, Corner corner) {
    Placement at = Placement.at(corner.at, corner.directionDeg);
    Item whole = Item.whole(laying.design(), at, false);
    Optional<Geometry> inner =
        Insets.ring(laying.room().outline(), insetMm)
            .map(craftmap.core.plane.Planar::polygonThrough);
    if (inner.isEmpty()) {
      return Optional.empty();
    }
    Geometry clip = Planar.intersection(whole.box().polygon(), inner.get());
    double share = Planar.intersection(whole.print(), clip).getArea() / whole.print().getArea();
    if (share <= 0) {
      return Optional.empty();
    }
    Item item = new Item(laying.design(), at, share, Optional.of(clip), false);
    boolean hit = laying.room().obstacles().hit(item.visible());
    return Optional.of(new Item(laying.design(), at, share, Optional.of(clip), hit));
  }

  private static List<Corner> corners(Laying laying, double insetMm) {
    return Insets.ring(laying.room().outline(), insetMm)
        .map(Insets::sides)
        .orElse(List.of())
        .stream()
        .map(s -> new Corner(s.path().at(0), s.path().directionDeg(0), s.cornerDeg()))
        .toList();
  }
}
