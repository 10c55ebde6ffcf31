package craftmap.core.plan.cutting;

import craftmap.core.cut.nest.NestPart;
import craftmap.core.cut.nest.Rests;
import craftmap.core.cut.nest.StraightCuts;
import craftmap.core.design.Design;
import craftmap.core.design.Napkin;
import craftmap.core.design.Printing;
import craftmap.core.plan.LayReading;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.supply.Offcut;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoublePredicate;
import org.locationtech.jts.geom.Geometry;

/**
 * What lays cut from one design: from leftovers first, then from the fewest new sheets.
 *
 * @param searched there was something to look for: a picture's own parts are where they are on it
 * @param unplaced pieces for which there is no sheet
 * @param least no plan cuts into fewer new sheets
 */
public record DesignCut(
    Design design,
    boolean searched,
    List<Sheet> sheets,
    List<Piece> unplaced,
    int newSheets,
    int least) {
  /** Narrower leftovers are scraps. */
  public static final double KEPT_FROM_MM = 60;

  public DesignCut {
    sheets = List.copyOf(sheets);
    unplaced = List.copyOf(unplaced);
  }

  /** A leftover on the shelf. */
  public record Leftover(String id, Offcut offcut) {}

  /** A lay of a piece, as it is read on the face it was laid on. */
  public record Source(String pieceId, LayReading.Laid laid) {}

  /**
   * A piece to cut.
   *
   * @param number in the order of the lays
   * @param pieceId what it is cut for
   * @param window where it is cut on its sheet
   * @param turned by a quarter, to fit better
   */
  public record Piece(
      int number, String pieceId, String layId, String faceId, Box window, boolean turned) {
    Piece at(Box other, boolean turn) {
      return new Piece(number, pieceId, layId, faceId, other, turn);
    }
  }

  /**
   * A sheet that is cut.
   *
   * @param leftoverId the leftover it is; none for a new sheet
   * @param pieces in the order of their numbers
   * @param rests what is left and worth keeping
   */
  public record Sheet(Optional<String> leftoverId, List<Piece> pieces, List<Box> rests) {
    public Sheet {
      pieces = List.copyOf(pieces);
      rests = List.copyOf(rests);
    }

    /** The cuts from edge to edge that free its pieces; none where some are cut around. */
    public Optional<StraightCuts.Order> straightCuts(Box sheet) {
      return StraightCuts.of(sheet, pieces.stream().map(Piece::window).toList());
    }
  }

  public boolean isEnough() {
    return unplaced.isEmpty();
  }

  public boolean isProven() {
    return isEnough() && newSheets <= least;
  }

  /**
   * Works it out.
   *
   * @param sheets new ones that may be opened
   * @param goOn told the share that is done; where it says no, the best so far is the answer
   */
  public static DesignCut of(
      Design design,
      List<Source> lays,
      List<Leftover> leftovers,
      int sheets,
      CutWish wish,
      DoublePredicate goOn) {
    return ofParts(design, CutParts.of(design, lays), leftovers, sheets, wish, goOn);
  }

  static DesignCut ofParts(
      Design design,
      List<CutParts.Part> parts,
      List<Leftover> leftovers,
      int sheets,
      CutWish wish,
      DoublePredicate goOn) {
    return isWhereItIs(design, parts)
        ? new PictureSheets(design, leftovers, sheets, wish).cut(parts)
        : new PrintSheets(design, leftovers, sheets, wish).cut(parts, goOn);
  }

  /** The parts that lays ask for, before any is placed. */
  public static List<Piece> wanted(Design design, List<Source> lays) {
    return CutParts.of(design, lays).stream().map(CutParts.Part::piece).toList();
  }

  /** Which of those have to meet which, by a number for each; empty where all begin as told. */
  public static List<Integer> meeting(Design design, List<Source> lays) {
    List<Integer> meeting = CutParts.of(design, lays).stream().map(CutParts.Part::meets).toList();
    return meeting.stream().allMatch(m -> m == NestPart.AS_TOLD) ? List.of() : meeting;
  }

  private static boolean isWhereItIs(Design design, List<CutParts.Part> parts) {
    boolean picture = Printing.isOnePicture(design) || design instanceof Napkin;
    return picture && parts.stream().allMatch(p -> p.meets() == NestPart.AS_TOLD);
  }

  /**
   * With rests that parts which the plan keeps are either whole within, or apart from: what is told
   * to be kept is then there to keep, whichever rests are.
   */
  public DesignCut keeping(List<Source> lays) {
    List<PlannedOffcut> planned = PlannedOffcut.of(this, lays);
    List<Sheet> around = new ArrayList<>();
    for (int s = 0; s < sheets.size(); s++) {
      Sheet sheet = sheets.get(s);
      int number = s;
      List<Box> torn =
          planned.stream()
              .filter(o -> o.sheet() == number && o.isTornBy(sheet.rests()))
              .map(PlannedOffcut::box)
              .toList();
      if (torn.isEmpty()) {
        around.add(sheet);
        continue;
      }
      List<Box> taken = new ArrayList<>(torn);
      sheet.pieces().forEach(p -> taken.add(p.window()));
      around.add(
          new Sheet(
              sheet.leftoverId(), sheet.pieces(), Rests.of(sheetOf(design), taken, KEPT_FROM_MM)));
    }
    return new DesignCut(design, searched, around, unplaced, newSheets, least);
  }

  static Box sheetOf(Design design) {
    var picture = design.picture().orElseThrow();
    return new Box(0, 0, picture.widthMm(), picture.heightMm());
  }

  /** What a sheet's pieces and rests leave, which is scrap. */
  public static double scrapMm2(Box sheet, Sheet cut) {
    List<Geometry> used = new ArrayList<>();
    cut.pieces().forEach(p -> used.add(Planar.polygon(p.window())));
    cut.rests().forEach(r -> used.add(Planar.polygon(r)));
    return Planar.difference(Planar.polygon(sheet), Planar.union(used)).getArea();
  }
}
