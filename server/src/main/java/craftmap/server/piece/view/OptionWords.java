package craftmap.server.piece.view;

import craftmap.core.lay.Criterion;
import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.border.BorderSides;
import craftmap.core.lay.rule.border.CornerSet;
import craftmap.core.lay.rule.border.FrameSides;
import craftmap.core.lay.rule.cover.AcrossFronts;
import craftmap.core.lay.rule.cover.SheetCover;
import craftmap.core.lay.rule.cover.SheetWork;
import craftmap.core.lay.rule.cover.Wrapping;
import craftmap.core.lay.rule.field.GridPattern;
import craftmap.core.lay.rule.field.RollerStrips;
import craftmap.core.lay.rule.field.Scattering;
import craftmap.core.lay.rule.pieces.CollageSet;
import craftmap.core.lay.rule.pieces.RollStrips;
import craftmap.core.lay.rule.ring.RingRows;
import craftmap.core.lay.rule.run.RunRow;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.lay.rule.single.PageSet;
import craftmap.core.lay.rule.single.Stand;
import craftmap.core.lay.rule.single.Wording;
import craftmap.core.lay.rule.single.ZoneArea;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.TapeDivision;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import java.util.Optional;

/** Says what an option is and why it stands where it stands. */
public final class OptionWords {
  private final TapeDivision tape;
  private final RunWish wish;
  private final String motif;
  private final boolean level;
  private final boolean wall;
  private final Optional<Box> face;

  private OptionWords(
      TapeDivision tape,
      RunWish wish,
      String motif,
      boolean level,
      boolean wall,
      Optional<Box> face) {
    this.tape = tape;
    this.wish = wish;
    this.motif = motif;
    this.level = level;
    this.wall = wall;
    this.face = face;
  }

  /**
   * For options on a bare length or face.
   *
   * @param motif what one motif is called
   * @param wall whether it goes round a wall, with a front
   */
  public static OptionWords bare(TapeDivision tape, RunWish wish, String motif, boolean wall) {
    return new OptionWords(tape, wish, motif, true, wall, Optional.empty());
  }

  /**
   * For options on a face.
   *
   * @param wish what the rule wished of gaps
   * @param face the box around the face
   */
  static OptionWords onFace(
      TapeDivision tape, RunWish wish, String motif, boolean level, boolean wall, Box face) {
    return new OptionWords(tape, wish, motif, level, wall, Optional.of(face));
  }

  public LayView.OptionView view(LayOption option) {
    Arrangement a = option.arrangement();
    return new LayView.OptionView(
        a.way().name(),
        a.count(),
        a.across(),
        title(option),
        detail(option),
        reason(option),
        option.itemsOnKeepOuts() > 0,
        a instanceof RunRow row
            ? new LayView.StripView(
                row.firstStartMm() / row.lineMm(),
                row.pitchMm() / row.lineMm(),
                row.motifMm() / row.lineMm())
            : null);
  }

  // ---- what it is

  private String title(LayOption option) {
    return switch (option.arrangement()) {
      case RunRow row -> runTitle(row);
      case RingRows ring ->
          Words.say(
              "option",
              ring.way(),
              ring.across() == 1
                  ? "" + ring.count()
                  : Words.say("option.rows", ring.count(), ring.across()),
              motif,
              Words.say(wall ? "datum.front" : "datum.top"));
      case BorderSides sides -> Words.say("option", sides.way(), sides(sides), motif);
      case GridPattern grid ->
          Words.say("option", grid.way(), wholes(grid.wholes(), grid.parts()), motif);
      case Scattering s -> Words.say("option", s.way(), s.count(), s.across());
      case RollerStrips strips -> Words.say("option", strips.way(), strips.strips());
      case CornerSet set -> Words.say("option", set.way(), set.corners());
      case FrameSides frame -> Words.say("option", frame.way(), frame.count(), motif);
      case Stand stand -> Words.say("option", stand.way());
      case Wording words ->
          words.way() == Way.InWords.WORDS
              ? Words.say("option." + words.way().name(), words.count())
              : Words.say("option." + words.way().name());
      case AcrossFronts across ->
          across.rank() == 1
              ? Words.say("option", across.way())
              : Words.say("option.another", Words.say("option", across.way()), across.rank());
      case SheetCover cover ->
          Words.say(
              "option",
              cover.way(),
              cover.columns() * cover.rows() == 1
                  ? Words.say(cover.turned() ? "option.sheetTurned" : "option.sheet")
                  : Words.say(
                      cover.turned() ? "option.sheetsTurned" : "option.sheets",
                      cover.columns(),
                      cover.rows()));
      case Wrapping wrap ->
          Words.say(
              "option",
              wrap.way(),
              wrap.rows() == 1
                  ? Words.say("option.parts", wrap.round())
                  : Words.say("option.partsInRows", wrap.round(), wrap.rows()));
      case CollageSet collage ->
          Words.say("option", collage.way(), collage.count(), collage.throwing());
      case RollStrips strips ->
          strips.level()
              ? Words.say("option.across", Words.say("option", strips.way(), strips.strips()))
              : Words.say("option", strips.way(), strips.strips());
      case PageSet pages -> Words.say("option", pages.way(), pages.columns(), pages.rows());
      case ZoneArea zone -> Words.say("option", zone.way());
    };
  }

  private String runTitle(RunRow row) {
    String end = row.way() == Way.OnLine.FROM_START ? "start" : "end";
    return Words.say(
        "option",
        row.way(),
        Counts.motifs(row),
        motif,
        Words.say(end + (level ? ".level" : ".upright")));
  }

  private static String wholes(int wholes, int parts) {
    if (parts == 0) {
      return Words.say("option.whole", wholes);
    }
    return wholes == 0
        ? Words.say("option.onlyParts", parts)
        : Words.say("option.part", wholes, parts);
  }

  private static String sides(BorderSides sides) {
    StringBuilder counts = new StringBuilder();
    int shown = sides.sides().size() == 4 && oppositeSame(sides) ? 2 : sides.sides().size();
    for (int i = 0; i < shown; i++) {
      counts.append(i == 0 ? "" : " · ").append(sides.sides().get(i).count());
    }
    return counts.toString();
  }

  private static boolean oppositeSame(BorderSides sides) {
    return sides.sides().get(0).count() == sides.sides().get(2).count()
        && sides.sides().get(1).count() == sides.sides().get(3).count();
  }

  // ---- its figures

  private String detail(LayOption option) {
    return switch (option.arrangement()) {
      case RunRow row -> runDetail(row);
      case RingRows ring -> ringDetail(ring);
      case BorderSides sides ->
          Tolerance.EXACT.sameLength(sides.leastGapMm(), sides.largestGapMm())
              ? Words.say("detail.gaps", tape.show(sides.leastGapMm()))
              : Words.say(
                  "detail.gapsFromTo",
                  tape.show(sides.leastGapMm()),
                  tape.show(sides.largestGapMm()));
      case GridPattern grid ->
          Words.say(
              "detail.grid",
              grid.columns(),
              grid.rows(),
              tape.show(grid.gapAcrossMm()),
              tape.show(grid.gapDownMm()));
      case Scattering s ->
          s.count() < 2
              ? Words.say(s.full() ? "detail.full" : "detail.asAsked")
              : Words.say(
                  s.full() ? "detail.scatterFull" : "detail.scatter", tape.show(s.leastApartMm()));
      case RollerStrips strips ->
          Words.say(
              "detail.strips", tape.show(strips.lengthMm()), Decimals.show(strips.turns(), 1));
      case CornerSet set ->
          Words.say(set.pieces() == 1 ? "detail.onePiece" : "detail.pieces", set.pieces());
      case FrameSides frame ->
          Words.say(
              "detail.frame",
              tape.show(frame.lengthMm()),
              frame.cutting().lengths().size(),
              tape.show(frame.cutting().longestLeftoverMm()));
      case Stand stand -> clear(option);
      case Wording words ->
          Words.say("detail.words", tape.show(words.capMm()), tape.show(words.widthMm()))
              + (words.bridges().isEmpty()
                  ? ""
                  : " · " + Words.say("detail.bridges", words.bridges().size()));
      case AcrossFronts across -> spoils(across);
      case SheetCover cover ->
          sheets(cover) + " · " + (cover.spoilt().isEmpty() ? seams(cover) : spoils(cover));
      case Wrapping wrap ->
          sheets(wrap)
              + " · "
              + Words.say(
                  wrap.seamsInFront() == 0
                      ? "detail.seamsBehind"
                      : wrap.seamsInFront() == 1 ? "detail.seamInFront" : "detail.seamsInFront",
                  wrap.seamsInFront());
      case CollageSet collage ->
          Words.say(
                  collage.leastGapMm() >= 0 ? "detail.collageGap" : "detail.collageOverlap",
                  tape.show(Math.abs(collage.leastGapMm())))
              + " · "
              + Words.say("detail.ground", Words.percent(collage.groundShare()));
      case RollStrips strips ->
          Words.say(
              "detail.rollStrips",
              Measure.longText(strips.usedMm(), tape),
              Words.squareCentimetres(strips.sizedMm2()));
      case PageSet pages ->
          Words.say(
              "detail.pages",
              pages.pages(),
              tape.show(pages.imageWidthMm()),
              tape.show(pages.imageHeightMm()));
      case ZoneArea zone -> Words.squareCentimetres(zone.areaMm2());
    };
  }

  private static String spoils(SheetWork work) {
    return work.spoilt().isEmpty()
        ? Words.say("detail.spoilsNothing")
        : Words.say("detail.spoils", SheetViews.names(work.spoilt()));
  }

  private static String sheets(SheetWork work) {
    return Words.say(work.sheets() == 1 ? "detail.oneSheet" : "detail.sheets", work.sheets());
  }

  private String seams(SheetCover cover) {
    return cover.columns() * cover.rows() == 1
        ? Words.say("detail.noSeam")
        : cover.columns() == 1
            ? Words.say("detail.seamsDown", tape.show(cover.pitchDownMm()))
            : Words.say("detail.seamsEvery", tape.show(cover.pitchAcrossMm()));
  }

  /** How far the copy is from the four edges. */
  private String clear(LayOption option) {
    Box box = option.items().getFirst().visible();
    return face.map(
            f ->
                Words.say(
                    "detail.clear",
                    tape.show(box.leftMm()),
                    tape.show(f.rightMm() - box.rightMm()),
                    tape.show(box.topMm()),
                    tape.show(f.bottomMm() - box.bottomMm())))
        .orElse("");
  }

  private String ringDetail(RingRows ring) {
    double first = ring.gapMm();
    double last = ring.rows().getLast().gapMm();
    return Tolerance.EXACT.sameLength(first, last)
        ? Words.say("detail.gaps", tape.show(first)) + changed(first)
        : Words.say("detail.gapsFirstLast", tape.show(first), tape.show(last)) + changed(first);
  }

  private String runDetail(RunRow row) {
    String gaps = gaps(row);
    if (row.way() == Way.OnLine.SPREAD) {
      return Words.say("detail.endsAndGaps", tape.show(row.gapMm())) + changed(row.gapMm());
    }
    String ends;
    if (row.way().runsOff()) {
      ends = Words.say("detail.runsOff", Words.percent(row.share(0)));
    } else if (Tolerance.EXACT.sameLength(row.startMarginMm(), row.endMarginMm())) {
      ends = Words.say("detail.ends", tape.show(row.startMarginMm()));
    } else {
      ends =
          Words.say(
              "detail.endsUneven", tape.show(row.startMarginMm()), tape.show(row.endMarginMm()));
    }
    return gaps.isEmpty() ? ends : ends + " · " + gaps;
  }

  private String gaps(RunRow row) {
    if (row.count() < 2) {
      return "";
    }
    if (row.gapMm() == 0) {
      return Words.say("detail.joined");
    }
    String same =
        Tolerance.EXACT.sameLength(row.gapMm(), wish.gapMm())
            ? " " + Words.say("detail.asWished")
            : "";
    return Words.say("detail.gaps", tape.show(row.gapMm())) + same + changed(row.gapMm());
  }

  private String changed(double gapMm) {
    boolean changed = wish.gapMm() > 0 && !Tolerance.EXACT.sameLength(gapMm, wish.gapMm());
    return changed ? ", " + Words.change(gapMm / wish.gapMm() - 1) : "";
  }

  // ---- why it stands where it stands

  private String reason(LayOption option) {
    Optional<Criterion> behindBy = option.behindBy();
    if (behindBy.isEmpty()) {
      return Words.say(option.itemsOnKeepOuts() > 0 ? "reason.bestOnKeepOut" : "reason.best");
    }
    String argument =
        switch (behindBy.get()) {
          case CLEAR_OF_KEEP_OUTS -> Words.say("times", option.itemsOnKeepOuts());
          case LEAST_GAP_CHANGE -> gapChange(option.arrangement());
          case END_MARGIN_IN_PROPORTION ->
              option.arrangement() instanceof RunRow row
                  ? tape.show(Math.max(row.startMarginMm(), row.endMarginMm()))
                  : "";
          case NOTHING_BARE,
              SHOWS_A_WHOLE,
              SIDES_DIFFER_LEAST,
              LEAST_SPOILT,
              FEWEST_SHEETS,
              NO_SLIVER,
              SYMMETRICAL,
              WHOLE_MOTIFS,
              MORE_MOTIFS,
              LISTED_EARLIER ->
              "";
        };
    if (behindBy.get() == Criterion.LEAST_GAP_CHANGE
        && option.arrangement() instanceof Scattering s) {
      return Words.say("reason.lessEven", tape.show(s.leastApartMm()));
    }
    if (behindBy.get() == Criterion.FEWEST_SHEETS && option.arrangement() instanceof RollStrips) {
      return Words.say("reason.longerRoll");
    }
    return Words.say("reason", behindBy.get(), argument);
  }

  private String gapChange(Arrangement arrangement) {
    double gap =
        switch (arrangement) {
          case RunRow row -> row.gapMm();
          case RingRows ring -> ring.gapMm();
          case BorderSides sides -> wish.gapMm() + sides.changeMm(wish.gapMm());
          case GridPattern grid -> grid.gapAcrossMm();
          case Stand _,
              CornerSet _,
              Scattering _,
              RollerStrips _,
              FrameSides _,
              Wording _,
              AcrossFronts _,
              SheetCover _,
              Wrapping _,
              CollageSet _,
              RollStrips _,
              PageSet _,
              ZoneArea _ ->
              wish.gapMm();
        };
    return wish.gapMm() > 0 ? Words.change(gap / wish.gapMm() - 1) : tape.show(gap);
  }
}
