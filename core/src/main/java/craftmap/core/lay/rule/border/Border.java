package craftmap.core.lay.rule.border;

import craftmap.core.design.Design;
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
import craftmap.core.lay.rule.ring.Ring;
import craftmap.core.lay.rule.run.Run;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import java.util.function.ToDoubleFunction;
import org.locationtech.jts.geom.Geometry;

/**
 * Runs along all true edges of a face, with the same gap as nearly as possible on all sides. In the
 * corners sit pieces of another design, or the motif turned, or folded along the mitre. Round a
 * face without corners it is a ring.
 *
 * @param insetMm clear distance from the edge to the border
 */
public record Border(double insetMm, RunWish wish) implements LayRule {
  private static final int OFFERED_EACH_WAY = 3;

  public static Border read(MeasureSheet sheet) {
    double inset = sheet.distance("inset", "clear-of-the-edge-by", 20);
    double gap = sheet.distance("gap", "gap", 12);
    double change = sheet.figure("change", "gap-may-change-by", 25, Run.CHANGE) / 100;
    return new Border(inset, new RunWish(gap, 0, change));
  }

  @Override
  public RuleKind kind() {
    return RuleKind.BORDER;
  }

  @Override
  public RuleNote note() {
    return RuleNote.of(kind())
        .put("inset", insetMm)
        .put("gap", wish.gapMm())
        .put("change", wish.allowedChange() * 100)
        .done();
  }

  @Override
  public Border mirrored(double faceWidthMm) {
    return this;
  }

  @Override
  public LayAnswer lay(Laying laying) {
    double tall = laying.heightMm();
    Optional<List<Point>> ring = Insets.ring(laying.room().outline(), insetMm + tall / 2);
    if (ring.isEmpty()) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.NO_LINE);
    }
    List<Insets.Side> sides = Insets.sides(ring.get());
    if (sides.size() < 2) {
      return new Ring(
              Ring.Around.RIM,
              insetMm + tall / 2,
              new Point(0, 0),
              0,
              wish,
              1,
              1,
              false,
              Ring.Look.OUTWARD,
              0,
              false)
          .lay(laying);
    }
    List<LayOption> all = options(laying, sides);
    List<LayOption> apart = all.stream().filter(o -> !overlapSomewhere(o)).toList();
    // what is too large for its face is laid all the same, and told to lie on each other
    return LayAnswer.of(apart.isEmpty() ? all : apart, LayAnswer.Reason.OVERLAP);
  }

  private List<LayOption> options(Laying laying, List<Insets.Side> sides) {
    List<LayOption> options = new ArrayList<>();
    if (laying.corner().isPresent()) {
      // who names a corner piece wants it in the corners
      options.addAll(pieces(laying, sides, laying.corner().get()));
      return options;
    }
    options.addAll(turned(laying, sides));
    options.addAll(mitred(laying, sides, true));
    options.addAll(mitred(laying, sides, false));
    options.addAll(open(laying, sides));
    return options;
  }

  // ---- corner pieces

  /** A corner piece is drawn for the top left corner; its own edges follow the face's. */
  private List<LayOption> pieces(Laying laying, List<Insets.Side> sides, Design piece) {
    return seated(
        laying, sides, piece, Way.OnBorder.BORDER_PIECES, side -> (90 - side.cornerDeg()) / 2);
  }

  /** The motif itself in each corner, turned to look outwards between the two sides. */
  private List<LayOption> turned(Laying laying, List<Insets.Side> sides) {
    return laying.design().handling().turns()
        ? seated(
            laying,
            sides,
            laying.design(),
            Way.OnBorder.BORDER_TURNED,
            side -> -side.cornerDeg() / 2)
        : List.of();
  }

  /** Something sits in each corner; the runs begin and end a gap beside it. */
  private List<LayOption> seated(
      Laying laying,
      List<Insets.Side> sides,
      Design seated,
      Way.OnBorder way,
      ToDoubleFunction<Insets.Side> turnFromSide) {
    Optional<List<Insets.Side>> edges =
        Insets.ring(laying.room().outline(), insetMm).map(Insets::sides);
    if (edges.isEmpty() || edges.get().size() != sides.size()) {
      return List.of();
    }
    int n = sides.size();
    double[] takenAtStart = new double[n];
    double[] takenAtEnd = new double[n];
    List<Item> inCorners = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      Insets.Side edge = edges.get().get(i);
      double direction = edge.path().directionDeg(0);
      CornerSeat seat =
          CornerSeat.of(
              edge.path().at(0),
              direction,
              edge.cornerDeg(),
              seated.printWidthMm(),
              seated.printHeightMm(),
              direction + turnFromSide.applyAsDouble(edge),
              false);
      double behind = behindTheCorner(laying, edge);
      takenAtStart[i] = seat.alongOutMm() - behind;
      takenAtEnd[(i + n - 1) % n] = seat.alongInMm() - behind;
      laying.room().place(seated, seat.at()).ifPresent(inCorners::add);
    }
    return between(laying, sides, takenAtStart, takenAtEnd, way, inCorners);
  }

  /** How far along a side the runs' line begins, from the corner of the border's outer line. */
  private static double behindTheCorner(Laying laying, Insets.Side side) {
    return laying.heightMm() / 2 / Math.tan(Math.toRadians(180 - side.cornerDeg()) / 2);
  }

  private List<LayOption> open(Laying laying, List<Insets.Side> sides) {
    int n = sides.size();
    double[] takenAtStart = new double[n];
    double[] takenAtEnd = new double[n];
    for (int i = 0; i < n; i++) {
      takenAtStart[i] = behindTheCorner(laying, sides.get(i));
      takenAtEnd[(i + n - 1) % n] = takenAtStart[i];
    }
    return between(laying, sides, takenAtStart, takenAtEnd, Way.OnBorder.BORDER_OPEN, List.of());
  }

  /** Runs between corners that take some of each side: gap = (L - n w) / (n + 1). */
  private List<LayOption> between(
      Laying laying,
      List<Insets.Side> sides,
      double[] takenAtStart,
      double[] takenAtEnd,
      Way.OnBorder way,
      List<Item> inCorners) {
    double w = laying.widthMm();
    double[] clear = new double[sides.size()];
    List<IntToDoubleFunction> gaps = new ArrayList<>();
    for (int i = 0; i < clear.length; i++) {
      clear[i] = sides.get(i).path().lengthMm() - takenAtStart[i] - takenAtEnd[i];
      double length = clear[i];
      gaps.add(n -> (length - n * w) / (n + 1));
    }
    List<LayOption> options = new ArrayList<>();
    for (List<EvenSides.Choice> choices : EvenSides.choose(gaps, 0, wish, OFFERED_EACH_WAY)) {
      List<BorderSides.Side> counted = new ArrayList<>();
      List<Placement> placements = new ArrayList<>();
      for (EvenSides.Choice c : choices) {
        counted.add(new BorderSides.Side(c.count(), clear[c.side()], c.gapMm()));
        for (int k = 0; k < c.count(); k++) {
          double at = takenAtStart[c.side()] + c.gapMm() + k * (w + c.gapMm()) + w / 2;
          placements.add(along(sides.get(c.side()), at));
        }
      }
      List<Item> items = new ArrayList<>(laying.place(placements));
      items.addAll(inCorners);
      option(
              new BorderSides(way, counted, inCorners.size()),
              items,
              placements.size() + inCorners.size())
          .ifPresent(options::add);
    }
    if (options.isEmpty() && !inCorners.isEmpty()) {
      // no room for anything between the corners: they alone
      List<BorderSides.Side> none = new ArrayList<>();
      for (double length : clear) {
        none.add(new BorderSides.Side(0, Math.max(0, length), Math.max(0, length)));
      }
      option(new BorderSides(way, none, inCorners.size()), inCorners, inCorners.size())
          .ifPresent(options::add);
    }
    return options;
  }

  private static Placement along(Insets.Side side, double at) {
    return Placement.at(side.path().at(at), side.path().directionDeg(at));
  }

  // ---- mitred

  /** The pattern goes on to the corner and is cut along the mitre: pitch = L / n. */
  private List<LayOption> mitred(Laying laying, List<Insets.Side> sides, boolean onMotif) {
    double w = laying.widthMm();
    List<Geometry> strips = MitredStrips.of(laying.room().outline(), insetMm, laying.heightMm());
    if (strips.size() != sides.size() || !laying.design().handling().turns()) {
      return List.of();
    }
    List<IntToDoubleFunction> gaps = new ArrayList<>();
    for (Insets.Side side : sides) {
      gaps.add(n -> side.path().lengthMm() / n - w);
    }
    Way.OnBorder way =
        onMotif ? Way.OnBorder.BORDER_MITRED_ON_MOTIF : Way.OnBorder.BORDER_MITRED_ON_GAP;
    List<LayOption> options = new ArrayList<>();
    for (List<EvenSides.Choice> choices : EvenSides.choose(gaps, 1, wish, OFFERED_EACH_WAY)) {
      List<BorderSides.Side> counted = new ArrayList<>();
      List<Item> items = new ArrayList<>();
      for (EvenSides.Choice c : choices) {
        Insets.Side side = sides.get(c.side());
        double length = side.path().lengthMm();
        double pitch = length / c.count();
        counted.add(new BorderSides.Side(c.count(), length, c.gapMm()));
        for (int k = 0; k < (onMotif ? c.count() + 1 : c.count()); k++) {
          Placement at = along(side, onMotif ? k * pitch : (k + 0.5) * pitch);
          MitredStrips.cut(laying, at, strips.get(c.side())).ifPresent(items::add);
        }
      }
      option(new BorderSides(way, counted, onMotif ? sides.size() : 0), items, items.size())
          .ifPresent(options::add);
    }
    return options;
  }

  private Optional<LayOption> option(BorderSides sides, List<Item> items, int wanted) {
    if (items.isEmpty()) {
      return Optional.empty();
    }
    int parts = Laying.parts(items);
    return Optional.of(
        new LayOption(
            sides,
            items,
            Standing.of(
                    new Standing.Judged(
                        Laying.onKeepOuts(items),
                        Laying.slivers(items) + wanted - items.size(),
                        true,
                        parts,
                        sides.changeMm(wish.gapMm()),
                        true,
                        items.size() - parts,
                        sides.way().ordinal()))
                .differing(sides.differMm()),
            Optional.empty()));
  }

  /** Mitred copies are cut so that they meet; all others must stay apart. */
  private static boolean overlapSomewhere(LayOption option) {
    return option.arrangement() instanceof BorderSides sides
        && !sides.way().isMitred()
        && Apart.anyOverlap(option.items());
  }
}
