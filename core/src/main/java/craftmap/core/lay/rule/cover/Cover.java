package craftmap.core.lay.rule.cover;

import craftmap.core.design.Design;
import craftmap.core.design.MotifBox;
import craftmap.core.design.Napkin;
import craftmap.core.design.Printing;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Sheets side by side over a face. A print that repeats meets at every seam, and across all the
 * faces of the lay; seams keep off motifs where the sheets leave them room to.
 *
 * @param overlapMm by which a sheet lies over the one before it
 * @param bleedMm by which the sheets go over the edge of the face, to be trimmed
 * @param meets where its print has to go on from one part to the next
 * @param seam one that the sheets do not ask for
 * @param slice which slice of its print shows; none for where motifs stay whole
 */
public record Cover(
    Unit unit,
    Join join,
    double overlapMm,
    double bleedMm,
    Turning turning,
    Rows rows,
    Meets meets,
    Optional<FurtherSeam> seam,
    Optional<Slice> slice)
    implements LayRule {
  /** What is laid as one. */
  public enum Unit {
    WHOLE_SHEET,
    /** One of the pictures printed on a napkin. */
    ONE_PICTURE
  }

  /** How two sheets meet. */
  public enum Join {
    OVERLAPPING,
    /** Edge to edge. */
    BUTTED,
    /** Cut along the outlines in the drawing, so that no straight line shows. */
    FOLLOWING_THE_DRAWING,
    /** Torn edges melt into each other and need more overlap. */
    TORN
  }

  /** Which way the sheets lie. */
  public enum Turning {
    AS_PRINTED,
    QUARTER_TURNED,
    WHICHEVER_IS_BETTER
  }

  /** How rows of sheets follow each other down the face. */
  public enum Rows {
    /** As looks better. */
    EITHER,
    ALL_ALIKE,
    /** Whole sheets from the top, what is left as a strip at the foot. */
    WHOLE_FROM_TOP
  }

  /** Where a print has to go on from one part to the next. */
  public enum Meets {
    /** At every seam, and from one face to the next. */
    EVERYWHERE,
    /** At the seams of a face; each face begins anew. */
    ON_EACH_FACE,
    /** Nowhere: every part is cut wherever there is room. */
    NOWHERE
  }

  public static Cover read(MeasureSheet sheet) {
    Join join = sheet.choice("join", "sheets-meet", Join.OVERLAPPING);
    double typical =
        switch (join) {
          case OVERLAPPING -> 5;
          case BUTTED -> 0;
          case FOLLOWING_THE_DRAWING -> 25;
          case TORN -> 15;
        };
    return new Cover(
        sheet.choice("unit", "one-part-is", Unit.WHOLE_SHEET),
        join,
        join == Join.BUTTED
            ? 0
            : sheet.length("overlap", "overlap", typical, LengthRange.DISTANCE.upTo(200)),
        sheet.length("bleed", "over-the-edge-to-trim", 4, LengthRange.DISTANCE.upTo(200)),
        sheet.choice("turning", "sheets-lie", Turning.AS_PRINTED),
        sheet.choice("rows", "rows", Rows.EITHER),
        sheet.choice("meets", "the-print-meets", Meets.EVERYWHERE),
        FurtherSeam.read(sheet),
        Slice.read(sheet));
  }

  @Override
  public RuleKind kind() {
    return RuleKind.COVER;
  }

  @Override
  public RuleNote note() {
    RuleNote.Writer note =
        RuleNote.of(kind())
            .put("unit", unit)
            .put("join", join)
            .put("bleed", bleedMm)
            .put("turning", turning)
            .put("rows", rows)
            .put("meets", meets);
    if (join != Join.BUTTED) {
      note.put("overlap", overlapMm);
    }
    FurtherSeam.write(seam, note);
    Slice.write(slice, note);
    return note.done();
  }

  @Override
  public Cover mirrored(double faceWidthMm) {
    return new Cover(
        unit,
        join,
        overlapMm,
        bleedMm,
        turning,
        rows,
        meets,
        seam.map(s -> s.mirrored(faceWidthMm, overlapMm)),
        slice);
  }

  /** What is laid as one sheet. */
  static Design laidAs(Design design, Unit unit) {
    return unit == Unit.WHOLE_SHEET && design instanceof Napkin n ? n.openedOut() : design;
  }

  /** How many of what is laid make one sheet of the shelf. */
  static int unitsPerSheet(Design design, Unit unit) {
    return unit == Unit.ONE_PICTURE && design instanceof Napkin n ? n.quarters() : 1;
  }

  @Override
  public LayAnswer lay(Laying laying) {
    List<LayOption> options = new ArrayList<>();
    LayAnswer.Reason reason = LayAnswer.Reason.REPEAT_TOO_LARGE;
    Slice.Spare spare = Slice.Spare.NONE;
    for (boolean turned : turns(laying.design())) {
      CoverWork work = new CoverWork(this, laying, turned);
      if (work.tooMany()) {
        reason = LayAnswer.Reason.TOO_MANY;
        continue;
      }
      for (Seams.Line line : Seams.Line.values()) {
        work.option(line).ifPresent(o -> addUnlessKnown(options, o));
      }
      work.beginningAnywhere().filter(o -> sparesSheets(o, options)).ifPresent(options::add);
      spare = spare.atMost(work.mostSpare());
    }
    if (options.isEmpty() && Printing.isOnePicture(laying.design())) {
      Slice.Spare most = spare;
      slice.ifPresent(s -> s.refusePast(most));
    }
    return LayAnswer.of(options, reason);
  }

  private List<Boolean> turns(Design design) {
    return switch (turning) {
      case AS_PRINTED -> List.of(false);
      // whatever a print looks like: the inside of a drawer is seen from above
      case QUARTER_TURNED -> List.of(true);
      case WHICHEVER_IS_BETTER ->
          design.direction().liesSideways() ? List.of(false, true) : List.of(false);
    };
  }

  private static boolean sparesSheets(LayOption option, List<LayOption> known) {
    return known.stream().allMatch(o -> sheets(option) < sheets(o));
  }

  private static int sheets(LayOption option) {
    return option.arrangement() instanceof SheetWork work ? work.sheets() : 0;
  }

  /** Where one sheet is enough, all ways to line them up are the same. */
  private static void addUnlessKnown(List<LayOption> options, LayOption option) {
    boolean known =
        options.stream()
            .anyMatch(
                o ->
                    o.items().stream()
                        .map(Item::visible)
                        .toList()
                        .equals(option.items().stream().map(Item::visible).toList()));
    if (!known) {
      options.add(option);
    }
  }

  /** The motifs of a design, measured from its print's upper left corner. */
  public static List<MotifBox> motifsFromPrint(Design design) {
    Box print = design.printed();
    return design.picture().map(p -> p.motifs()).orElse(List.of()).stream()
        .filter(m -> Planar.polygon(print).covers(Planar.polygon(m.box())))
        .map(
            m ->
                new MotifBox(
                    m.name(),
                    new Box(
                        m.box().leftMm() - print.leftMm(),
                        m.box().topMm() - print.topMm(),
                        m.box().widthMm(),
                        m.box().heightMm()),
                    m.importance()))
        .toList();
  }
}
