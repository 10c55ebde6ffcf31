package craftmap.core.plan.cutting;

import craftmap.core.cut.nest.NestSearch;
import craftmap.core.cut.nest.Rests;
import craftmap.core.design.Design;
import craftmap.core.design.Napkin;
import craftmap.core.lay.sheet.Copies;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Parts of pictures: each shows a certain spot, so that there is nothing to look for on a sheet,
 * but which copy of the picture each part comes from. A napkin carries several copies; all lays
 * share them.
 *
 * <ol>
 *   <li>The parts that no leftover serves are shared out among the fewest copies, and those among
 *       sheets.
 *   <li>A leftover is cut only where that spares a new sheet; the smallest that does comes first.
 * </ol>
 */
final class PictureSheets {
  private static final double SHOWS = 0.9999;

  private final Design design;
  private final Box sheet;
  private final List<DesignCut.Leftover> leftovers;
  private final int count;

  /** Where the pictures of a sheet lie, from the first one. */
  private final List<Point> pictures;

  PictureSheets(Design design, List<DesignCut.Leftover> leftovers, int count, CutWish wish) {
    this.design = design;
    this.sheet = DesignCut.sheetOf(design);
    this.leftovers =
        wish.search().preference() == NestSearch.Preference.LEFTOVERS_KEPT
            ? List.of()
            : leftovers.stream()
                .sorted(Comparator.comparingDouble(l -> l.offcut().areaMm2()))
                .toList();
    this.count = count;
    this.pictures = pictures(design, sheet);
  }

  private static List<Point> pictures(Design design, Box sheet) {
    List<Point> at = new ArrayList<>();
    if (design instanceof Napkin napkin) {
      Box one = napkin.onePicture();
      int across = (int) Math.round(sheet.widthMm() / one.widthMm());
      for (int i = 0; i < napkin.quarters(); i++) {
        at.add(new Point(i % across * one.widthMm(), i / across * one.heightMm()));
      }
    } else {
      at.add(new Point(0, 0));
    }
    return at;
  }

  DesignCut cut(List<CutParts.Part> parts) {
    List<OnLeftover> used = leftoversThatSpare(parts);
    List<CutParts.Part> rest = without(parts, used);
    List<List<DesignCut.Piece>> fresh = newSheets(rest);
    List<DesignCut.Sheet> done = new ArrayList<>();
    for (OnLeftover l : used) {
      done.add(new DesignCut.Sheet(Optional.of(l.leftover.id()), l.pieces(), List.of()));
    }
    List<DesignCut.Piece> unplaced = new ArrayList<>();
    for (int s = 0; s < fresh.size(); s++) {
      if (s >= count) {
        unplaced.addAll(fresh.get(s));
        continue;
      }
      List<Box> cut = fresh.get(s).stream().map(DesignCut.Piece::window).toList();
      done.add(
          new DesignCut.Sheet(
              Optional.empty(), fresh.get(s), Rests.of(sheet, cut, DesignCut.KEPT_FROM_MM)));
    }
    return new DesignCut(
        design, false, done, unplaced, Math.min(count, fresh.size()), least(parts));
  }

  // ---- leftovers

  /** What is cut from a leftover: each part with the place of the picture it is cut from there. */
  private record OnLeftover(
      DesignCut.Leftover leftover, List<CutParts.Part> parts, List<Box> windows) {
    List<DesignCut.Piece> pieces() {
      List<DesignCut.Piece> pieces = new ArrayList<>();
      for (int i = 0; i < parts.size(); i++) {
        pieces.add(parts.get(i).piece().at(windows.get(i), false));
      }
      return pieces;
    }
  }

  /** Leftovers without which another sheet would have to be opened. */
  private List<OnLeftover> leftoversThatSpare(List<CutParts.Part> parts) {
    List<OnLeftover> used = new ArrayList<>();
    if (leftovers.isEmpty()) {
      return used;
    }
    List<CutParts.Part> open = new ArrayList<>(parts);
    for (DesignCut.Leftover leftover : leftovers) {
      OnLeftover filled = fill(leftover, open);
      if (!filled.parts.isEmpty()) {
        used.add(filled);
        open.removeAll(filled.parts);
      }
    }
    int fewest = newSheets(open).size();
    // the largest is given back first, where it spares nothing
    for (OnLeftover l : List.copyOf(used).reversed()) {
      List<OnLeftover> fewer = new ArrayList<>(used);
      fewer.remove(l);
      if (newSheets(without(parts, fewer)).size() <= fewest) {
        used = fewer;
      }
    }
    return used;
  }

  private OnLeftover fill(DesignCut.Leftover leftover, List<CutParts.Part> open) {
    List<CutParts.Part> parts = new ArrayList<>();
    List<Box> windows = new ArrayList<>();
    List<CutParts.Part> largestFirst =
        open.stream()
            .sorted(
                Comparator.comparingDouble((CutParts.Part p) -> -p.window().areaMm2())
                    .thenComparingInt(p -> p.piece().number()))
            .toList();
    for (CutParts.Part part : largestFirst) {
      places(part).stream()
          .filter(w -> isFree(w, windows) && leftover.offcut().shows(w) > SHOWS)
          .findFirst()
          .ifPresent(
              w -> {
                parts.add(part);
                windows.add(w);
              });
    }
    return new OnLeftover(leftover, parts, windows);
  }

  /** Everywhere on a sheet where what a part shows is printed. */
  private List<Box> places(CutParts.Part part) {
    Box w = part.window();
    return part.onePicture() ? pictures.stream().map(p -> moved(w, p)).toList() : List.of(w);
  }

  private static Box moved(Box w, Point by) {
    return new Box(w.leftMm() + by.xMm(), w.topMm() + by.yMm(), w.widthMm(), w.heightMm());
  }

  private static boolean isFree(Box w, List<Box> taken) {
    return taken.stream().noneMatch(t -> t.overlaps(w, Tolerance.EXACT.lengthMm()));
  }

  private static List<CutParts.Part> without(List<CutParts.Part> parts, List<OnLeftover> used) {
    Set<CutParts.Part> gone = new HashSet<>();
    used.forEach(l -> gone.addAll(l.parts));
    return parts.stream().filter(p -> !gone.contains(p)).toList();
  }

  // ---- new sheets

  /** The pieces of each new sheet, the sheet of the first piece first. */
  private List<List<DesignCut.Piece>> newSheets(List<CutParts.Part> parts) {
    List<List<DesignCut.Piece>> sheets = new ArrayList<>();
    for (List<CutParts.Part> together : copies(parts, false)) {
      sheets.add(new ArrayList<>(together.stream().map(CutParts.Part::piece).toList()));
    }
    for (List<CutParts.Part> together : copies(parts, true)) {
      onto(sheets, together);
    }
    sheets.forEach(s -> s.sort(Comparator.comparingInt(DesignCut.Piece::number)));
    sheets.sort(Comparator.comparingInt(s -> s.getFirst().number()));
    return sheets;
  }

  /** Parts of one kind by the copy they come from. */
  private static List<List<CutParts.Part>> copies(List<CutParts.Part> all, boolean onePicture) {
    List<CutParts.Part> parts = all.stream().filter(p -> p.onePicture() == onePicture).toList();
    Copies copies = Copies.of(parts.stream().map(CutParts.Part::window).toList());
    List<List<CutParts.Part>> byCopy = new ArrayList<>();
    for (int c = 0; c < copies.count(); c++) {
      byCopy.add(new ArrayList<>());
    }
    for (int i = 0; i < parts.size(); i++) {
      byCopy.get(copies.of().get(i)).add(parts.get(i));
    }
    return byCopy;
  }

  /** Onto the first picture of the first sheet where nothing is in the way. */
  private void onto(List<List<DesignCut.Piece>> sheets, List<CutParts.Part> together) {
    for (List<DesignCut.Piece> sheet : sheets) {
      List<Box> taken = sheet.stream().map(DesignCut.Piece::window).toList();
      for (Point picture : pictures) {
        if (together.stream().allMatch(p -> isFree(moved(p.window(), picture), taken))) {
          together.forEach(p -> sheet.add(p.piece().at(moved(p.window(), picture), false)));
          return;
        }
      }
    }
    sheets.add(new ArrayList<>(together.stream().map(CutParts.Part::piece).toList()));
  }

  // ---- the bound

  /**
   * Whatever is done: parts that show one spot of the picture each need a copy of that spot, which
   * only a new sheet, as often as it is printed there, or a leftover has. Where there are no
   * leftovers, the copies of parts of one kind are known exactly.
   */
  private int least(List<CutParts.Part> parts) {
    int least = 0;
    if (leftovers.isEmpty()) {
      List<Box> fixed = windows(parts, false);
      List<Box> free = windows(parts, true);
      least =
          Math.max(
              Copies.of(fixed).least(), Math.ceilDiv(Copies.of(free).least(), pictures.size()));
    }
    for (Point spot : spots(parts)) {
      int wanted = 0;
      for (CutParts.Part part : parts) {
        wanted += timesCovered(part, spot);
      }
      int there = 0;
      for (DesignCut.Leftover leftover : leftovers) {
        for (Point picture : pictures) {
          Box speck = Box.around(spot.movedBy(picture.xMm(), picture.yMm()), SPECK, SPECK);
          there += leftover.offcut().shows(speck) > 0 ? 1 : 0;
        }
      }
      least = Math.max(least, Math.ceilDiv(Math.max(0, wanted - there), pictures.size()));
    }
    return least;
  }

  private static final double SPECK = 2e-3;

  private static List<Box> windows(List<CutParts.Part> parts, boolean onePicture) {
    return parts.stream()
        .filter(p -> p.onePicture() == onePicture)
        .map(CutParts.Part::window)
        .toList();
  }

  /** Just inside every corner that left and upper edges make, on the first picture. */
  private List<Point> spots(List<CutParts.Part> parts) {
    List<Double> across = new ArrayList<>();
    List<Double> down = new ArrayList<>();
    for (CutParts.Part part : parts) {
      for (Point p : pictures) {
        Box w =
            part.onePicture() ? part.window() : moved(part.window(), new Point(-p.xMm(), -p.yMm()));
        across.add(w.leftMm() + SPECK);
        down.add(w.topMm() + SPECK);
      }
    }
    List<Point> spots = new ArrayList<>();
    List<Double> xs = across.stream().distinct().limit(MOST_EDGES).toList();
    List<Double> ys = down.stream().distinct().limit(MOST_EDGES).toList();
    xs.forEach(x -> ys.forEach(y -> spots.add(new Point(x, y))));
    return spots;
  }

  /** More edges than these give a weaker bound, not a wrong one. */
  private static final int MOST_EDGES = 80;

  /** How often a part shows a spot of the picture; a part of a whole sheet may on each of its. */
  private int timesCovered(CutParts.Part part, Point spot) {
    if (part.onePicture()) {
      return inside(part.window(), spot) ? 1 : 0;
    }
    return (int)
        pictures.stream()
            .filter(p -> inside(part.window(), spot.movedBy(p.xMm(), p.yMm())))
            .count();
  }

  private static boolean inside(Box w, Point p) {
    return w.leftMm() < p.xMm()
        && p.xMm() < w.rightMm()
        && w.topMm() < p.yMm()
        && p.yMm() < w.bottomMm();
  }
}
