package craftmap.core.lay.rule.cover;

import craftmap.core.design.Design;
import craftmap.core.design.Joint;
import craftmap.core.design.MotifBox;
import craftmap.core.design.Transfer;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Standing;
import craftmap.core.lay.rule.Fronts;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.sheet.Copies;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.lay.sheet.SpoilSearch;
import craftmap.core.lay.sheet.Steps;
import craftmap.core.lay.sheet.Trimming;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.Tolerance;
import craftmap.core.measure.YesNo;
import craftmap.core.plane.Box;
import craftmap.core.plane.Extent;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.Break;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/**
 * One picture over one or several faces, such as drawers over each other or doors side by side.
 * Through: it goes on behind the gaps as if it were seen through windows, and what lies in a gap is
 * lost. Closed up: nothing is lost, and whatever crosses a gap is cut apart there.
 *
 * @param marginMm of the picture that stays outside the faces on every side, at least
 * @param allowanceMm by which each part is cut larger, to be trimmed on the piece
 * @param intoGaps also towards the other faces, as far as the gap between them has picture for it
 * @param placed where the picture begins, where it was put by hand
 * @param cutAway names of motif boxes that are cut off and kept
 * @param laidFrom with which of its parts a transfer that comes in several is begun
 */
public record Across(
    double marginMm,
    double allowanceMm,
    boolean intoGaps,
    Optional<Point> placed,
    Set<String> cutAway,
    LaidFrom laidFrom)
    implements LayRule {
  /** With which of its parts a transfer that comes in several is begun on each face. */
  public enum LaidFrom {
    /** The left one, or the upper one. */
    THE_FIRST_PART,
    /** The right one, or the lower one. */
    THE_LAST_PART
  }

  public static final double TYPICAL_ALLOWANCE_MM = 6;
  private static final int PLACES_EACH_WAY = 3;
  private static final int PLACES_LISTED = 100;

  public Across {
    cutAway = Set.copyOf(cutAway);
  }

  public static Across read(MeasureSheet sheet, String text) {
    boolean placed = sheet.yes("placed", "put-by-hand", false);
    return new Across(
        sheet.distance("margin", "picture-left-outside-at-least", 0),
        sheet.length(
            "allowance",
            "cut-larger-to-trim",
            TYPICAL_ALLOWANCE_MM,
            LengthRange.DISTANCE.upTo(100)),
        sheet.yes("gaps", "larger-into-the-gaps-too", false),
        placed
            ? Optional.of(
                new Point(
                    sheet.length("x", "picture-begins-from-the-left", 0, LengthRange.PLACE),
                    sheet.length("y", "picture-begins-from-the-top", 0, LengthRange.PLACE)))
            : Optional.empty(),
        text == null
            ? Set.of()
            : text.lines().map(String::strip).filter(l -> !l.isEmpty()).collect(Collectors.toSet()),
        sheet.choice("laidFrom", "laid-beginning-with", LaidFrom.THE_FIRST_PART));
  }

  /** With another allowance: none where the picture meets a raised edge. */
  public Across trimmedBy(double otherMm) {
    return new Across(marginMm, otherMm, intoGaps, placed, cutAway, laidFrom);
  }

  @Override
  public RuleKind kind() {
    return RuleKind.ACROSS;
  }

  @Override
  public RuleNote note() {
    RuleNote.Writer note =
        RuleNote.of(kind())
            .put("margin", marginMm)
            .put("allowance", allowanceMm)
            .put("gaps", YesNo.of(intoGaps))
            .put("placed", YesNo.of(placed.isPresent()))
            .put("laidFrom", laidFrom);
    placed.ifPresent(p -> note.put("x", p.xMm()).put("y", p.yMm()));
    return note.done(List.of(), cutAway.stream().sorted().collect(Collectors.joining("\n")));
  }

  /** A picture has no mirror image: on the other side it finds its own place. */
  @Override
  public Across mirrored(double faceWidthMm) {
    return new Across(marginMm, allowanceMm, intoGaps, Optional.empty(), cutAway, laidFrom);
  }

  @Override
  public LayAnswer lay(Laying laying) {
    List<LayOption> options = new ArrayList<>();
    Fronts through = laying.fronts();
    placed
        .flatMap(p -> option(laying, through, Way.OverFaces.ACROSS_PLACED, 1, p))
        .ifPresent(options::add);
    boolean gaps = through.haveGaps();
    places(
        laying,
        through,
        gaps ? Way.OverFaces.ACROSS_THROUGH : Way.OverFaces.ACROSS_IN_PLACE,
        options);
    if (gaps) {
      places(laying, through.closedUp(), Way.OverFaces.ACROSS_CLOSED_UP, options);
    }
    return LayAnswer.of(options, LayAnswer.Reason.NOTHING_FREE);
  }

  private void places(Laying laying, Fronts fronts, Way.OverFaces way, List<LayOption> options) {
    List<SpoilSearch.Found> found =
        fronts.memo().best(problem(laying.design(), fronts), PLACES_EACH_WAY);
    for (int i = 0; i < found.size(); i++) {
      option(laying, fronts, way, i + 1, found.get(i).shift()).ifPresent(options::add);
    }
  }

  /** The picture's own coordinates begin at its printed part's upper left corner. */
  private SpoilSearch.Problem problem(Design design, Fronts fronts) {
    Box around = fronts.around();
    Box used = used(design, around);
    double[] x = freedom(around.leftMm(), around.rightMm(), used.leftMm(), used.rightMm());
    double[] y = freedom(around.topMm(), around.bottomMm(), used.topMm(), used.bottomMm());
    return new SpoilSearch.Problem(
        fronts.all().stream().map(Fronts.Front::box).toList(),
        hindrances(fronts),
        counted(design),
        new Point(x[0], y[0]),
        new Point(x[1], y[1]),
        wished(fronts, design));
  }

  private Point wished(Fronts fronts, Design design) {
    Point middle = fronts.around().centre();
    Point own = used(design, fronts.around()).centre();
    return middle.movedBy(-own.xMm(), -own.yMm());
  }

  /**
   * What of the picture is used: the strip along its edge that a part cut off lies in is left
   * outside the faces, the least strip that will do, as long as the rest still covers them.
   */
  private Box used(Design design, Box around) {
    Box used = new Box(0, 0, design.printWidthMm(), design.printHeightMm());
    for (MotifBox motif : Cover.motifsFromPrint(design)) {
      if (cutAway.contains(motif.name()) && used.overlaps(motif.box(), 0)) {
        Box all = used;
        used =
            Stream.of(
                    without(all, motif.box().rightMm(), all.topMm(), all.rightMm(), all.bottomMm()),
                    without(
                        all, all.leftMm(), motif.box().bottomMm(), all.rightMm(), all.bottomMm()),
                    without(all, all.leftMm(), all.topMm(), motif.box().leftMm(), all.bottomMm()),
                    without(all, all.leftMm(), all.topMm(), all.rightMm(), motif.box().topMm()))
                .flatMap(Optional::stream)
                .filter(
                    b ->
                        b.widthMm() >= Math.min(all.widthMm(), around.widthMm() + 2 * marginMm)
                            && b.heightMm()
                                >= Math.min(all.heightMm(), around.heightMm() + 2 * marginMm))
                .max(Comparator.comparingDouble(Box::areaMm2))
                .orElse(all);
      }
    }
    return used;
  }

  private static Optional<Box> without(
      Box all, double left, double top, double right, double bottom) {
    return left < right && top < bottom && left >= all.leftMm() && top >= all.topMm()
        ? Optional.of(new Box(left, top, right - left, bottom - top))
        : Optional.empty();
  }

  /**
   * A picture that is larger than the faces covers them to all sides; a smaller one stays inside;
   * one that is larger by less than the margins stays in the middle.
   */
  private double[] freedom(double from, double to, double begins, double ends) {
    double size = ends - begins;
    if (size <= to - from) {
      return new double[] {from - begins, to - ends};
    }
    double least = to + marginMm - ends;
    double most = from - marginMm - begins;
    double middle = (from + to - begins - ends) / 2;
    return least <= most ? new double[] {least, most} : new double[] {middle, middle};
  }

  private List<MotifBox> counted(Design design) {
    Box print = design.printed();
    return design
        .picture()
        .map(
            p ->
                p.motifs().stream()
                    .filter(m -> !cutAway.contains(m.name()))
                    .map(m -> moved(m, -print.leftMm(), -print.topMm()))
                    .toList())
        .orElse(List.of());
  }

  private static MotifBox moved(MotifBox m, double dx, double dy) {
    Box b = m.box();
    return new MotifBox(
        m.name(),
        new Box(b.leftMm() + dx, b.topMm() + dy, b.widthMm(), b.heightMm()),
        m.importance());
  }

  /** Keep-outs, holes and breaks, where they lie in the plane of the faces. */
  private static List<Box> hindrances(Fronts fronts) {
    List<Box> boxes = new ArrayList<>();
    for (Fronts.Front front : fronts.all()) {
      Point at = front.at();
      front.room().obstacles().areas().forEach(a -> boxes.add(around(a, at)));
      front
          .room()
          .face()
          .marks()
          .holes()
          .forEach(
              h ->
                  h.centres()
                      .forEach(
                          c ->
                              boxes.add(
                                  Box.around(
                                      c.movedBy(at.xMm(), at.yMm()),
                                      h.diameterMm(),
                                      h.diameterMm()))));
      front.room().face().marks().breaks().forEach(b -> boxes.add(around(b, at)));
    }
    return boxes;
  }

  private static Box around(Geometry area, Point at) {
    Envelope e = area.getEnvelopeInternal();
    return new Box(e.getMinX() + at.xMm(), e.getMinY() + at.yMm(), e.getWidth(), e.getHeight());
  }

  /** A plain joint has no width; so that a motif can lie on it, it is given a hair's. */
  private static Box around(Break b, Point at) {
    double half = Math.max(b.widthMm() / 2, 10 * Tolerance.EXACT.lengthMm());
    Extent e = Extent.of(b.from(), b.to());
    return new Box(
        e.leftMm() + at.xMm() - half,
        e.topMm() + at.yMm() - half,
        e.widthMm() + 2 * half,
        e.heightMm() + 2 * half);
  }

  private Optional<LayOption> option(
      Laying laying, Fronts fronts, Way.OverFaces way, int rank, Point shift) {
    Design design = laying.design();
    List<List<Item>> onFaces = new ArrayList<>();
    for (Fronts.Front front : fronts.all()) {
      onFaces.add(items(design, front, shift));
    }
    List<SheetPart> parts = parts(design, onFaces);
    if (parts.isEmpty()) {
      return Optional.empty();
    }
    Set<String> hit =
        SpoilSearch.at(problem(design, fronts), shift).stream()
            .map(MotifBox::name)
            .collect(Collectors.toSet());
    List<MotifBox> spoilt = spoilt(design, parts, hit);
    double off = wished(fronts, design).distanceMm(shift);
    int weight = spoilt.stream().mapToInt(MotifBox::importance).sum();
    AcrossFronts arrangement =
        new AcrossFronts(
            way,
            rank,
            shift,
            off,
            spoilt,
            parts.stream().map(p -> p.spoiling(spoilt)).toList(),
            joints(design));
    return Optional.of(
        LayOption.over(
            onFaces.stream().map(items -> new LayOption.OnFace(arrangement, items)).toList(),
            fronts.own(),
            Standing.of(
                    new Standing.Judged(
                        0, 0, true, 0, 0, true, 0, PLACES_LISTED * way.ordinal() + rank))
                .cutting(weight, arrangement.sheets())));
  }

  /** What is cut out of the picture, face by face. */
  private List<SheetPart> parts(Design design, List<List<Item>> onFaces) {
    List<Item> items = onFaces.stream().flatMap(List::stream).toList();
    List<Box> shown = items.stream().map(SheetPart::shown).toList();
    List<Box> windows = Trimming.windows(shown, design.printed(), allowanceMm, intoGaps);
    Copies copies = Copies.of(windows);
    List<SheetPart> parts = new ArrayList<>();
    for (int f = 0; f < onFaces.size(); f++) {
      for (Item item : onFaces.get(f)) {
        int i = parts.size();
        parts.add(SheetPart.of(i + 1, f, item, windows.get(i), 1 + copies.of().get(i)));
      }
    }
    return parts;
  }

  /** What of the picture shows on a face; less what is cut off on purpose. */
  private List<Item> items(Design design, Fronts.Front front, Point shift) {
    Point centre =
        shift.movedBy(
            design.printWidthMm() / 2 - front.at().xMm(),
            design.printHeightMm() / 2 - front.at().yMm());
    Placement at = Placement.at(centre);
    Geometry area = front.room().free();
    for (MotifBox motif : design.picture().map(p -> p.motifs()).orElse(List.of())) {
      if (cutAway.contains(motif.name())) {
        double dx = centre.xMm() - design.printed().centre().xMm();
        double dy = centre.yMm() - design.printed().centre().yMm();
        area = Planar.difference(area, Planar.polygon(moved(motif, dx, dy).box()));
      }
    }
    Optional<Item> item = Item.cutTo(design, at, area, false);
    List<Item> parts =
        Steps.apart(
            item.map(i -> apartAtJoints(design, i)).orElse(List.of()),
            front.room().face().marks().breaks());
    return laidFrom == LaidFrom.THE_FIRST_PART ? parts : parts.reversed();
  }

  /** A transfer that comes in parts is laid part by part. */
  private static List<Item> apartAtJoints(Design design, Item whole) {
    if (!(design instanceof Transfer t) || t.joint().isEmpty()) {
      return List.of(whole);
    }
    Joint joint = t.joint().get();
    Box b = whole.box().around();
    List<Item> items = new ArrayList<>();
    for (int i = 0; i < joint.parts(); i++) {
      double across = joint.upright() ? b.widthMm() : b.heightMm();
      double from = across * i / joint.parts();
      double size = across / joint.parts();
      Box part =
          joint.upright()
              ? new Box(b.leftMm() + from, b.topMm(), size, b.heightMm())
              : new Box(b.leftMm(), b.topMm() + from, b.widthMm(), size);
      Item.cutTo(
              design,
              whole.at(),
              Planar.intersection(whole.visibleArea(), Planar.polygon(part)),
              false)
          .ifPresent(items::add);
    }
    return items;
  }

  private static List<Double> joints(Design design) {
    List<Double> seams = new ArrayList<>();
    if (design instanceof Transfer t && t.joint().isPresent()) {
      Joint joint = t.joint().get();
      double across = joint.upright() ? design.printWidthMm() : design.printHeightMm();
      for (int i = 1; i < joint.parts(); i++) {
        seams.add(across * i / joint.parts());
      }
    }
    return seams;
  }

  /** Motifs that lie whole on no face, or on which something sits. */
  private List<MotifBox> spoilt(Design design, List<SheetPart> parts, Set<String> hit) {
    Set<String> whole =
        parts.stream()
            .flatMap(p -> p.whole().stream())
            .map(MotifBox::name)
            .collect(Collectors.toSet());
    return design.picture().map(p -> p.motifs()).orElse(List.of()).stream()
        .filter(m -> !cutAway.contains(m.name()))
        .filter(
            m -> hit.contains(m.name()) || !whole.contains(m.name()) && !wholeOverJoint(m, parts))
        .toList();
  }

  /** The joint between a transfer's own parts does not spoil what is rubbed on beside it. */
  private static boolean wholeOverJoint(MotifBox m, List<SheetPart> parts) {
    return parts.stream().collect(Collectors.groupingBy(SheetPart::front)).values().stream()
        .filter(of -> of.size() > 1)
        .anyMatch(
            of ->
                of.stream()
                        .mapToDouble(
                            p -> Planar.intersection(p.shape(), Planar.polygon(m.box())).getArea())
                        .sum()
                    >= 0.999 * m.box().areaMm2());
  }
}
