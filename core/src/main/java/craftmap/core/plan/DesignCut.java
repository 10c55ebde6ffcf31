package craftmap.core.plan;

import craftmap.core.cut.nest.NestPart;
import craftmap.core.cut.nest.NestStock;
import craftmap.core.cut.nest.Nested;
import craftmap.core.cut.nest.Nesting;
import craftmap.core.cut.nest.Rests;
import craftmap.core.design.Design;
import craftmap.core.design.Napkin;
import craftmap.core.design.Repeat;
import craftmap.core.lay.rule.Cover;
import craftmap.core.lay.rule.SheetWork;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.supply.Offcut;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/**
 * What all lays of a piece cut from one design: from leftovers first, then from the fewest new
 * sheets. A picture's parts are where they are on the picture; plain and repeating prints are cut
 * wherever they find room.
 *
 * @param unplaced pieces for which there is no sheet
 * @param least no plan cuts into fewer new sheets
 */
public record DesignCut(
    Design design, List<Sheet> sheets, List<Piece> unplaced, int newSheets, int least) {
  /** Narrower leftovers are scraps. */
  public static final double KEPT_FROM_MM = 60;

  private static final int TRIES = 600;

  public DesignCut {
    sheets = List.copyOf(sheets);
    unplaced = List.copyOf(unplaced);
  }

  /** A leftover on the shelf. */
  public record Leftover(String id, Offcut offcut) {}

  /**
   * A piece to cut.
   *
   * @param number in the order of the lays
   * @param window where it is cut on its sheet
   */
  public record Piece(int number, String layId, String faceId, Box window) {
    Piece at(Box other) {
      return new Piece(number, layId, faceId, other);
    }
  }

  /**
   * A sheet that is cut.
   *
   * @param leftoverId the leftover it is; none for a new sheet
   * @param rests what is left and worth keeping
   */
  public record Sheet(Optional<String> leftoverId, List<Piece> pieces, List<Box> rests) {
    public Sheet {
      pieces = List.copyOf(pieces);
      rests = List.copyOf(rests);
    }
  }

  public boolean isEnough() {
    return unplaced.isEmpty();
  }

  /**
   * Of the lays of one design, each as it is read on the face it was laid on.
   *
   * @param sheets new ones that may be opened
   */
  public static DesignCut of(
      Design design, List<LayReading.Laid> lays, List<Leftover> leftovers, int sheets) {
    Cutter cutter = new Cutter(design, leftovers, sheets);
    lays.forEach(cutter::add);
    return Cover.isOnePicture(design) || design instanceof Napkin
        ? cutter.fromPictures()
        : cutter.fromPrint();
  }

  /** Collects pieces, then cuts them. */
  private static final class Cutter {
    private final Design design;
    private final Box sheet;
    private final List<Leftover> leftovers;
    private final int count;
    private final List<List<Piece>> bySheet = new ArrayList<>();
    private int number;

    Cutter(Design design, List<Leftover> leftovers, int count) {
      this.design = design;
      this.leftovers = leftovers;
      this.count = count;
      var picture = design.picture().orElseThrow();
      this.sheet = new Box(0, 0, picture.widthMm(), picture.heightMm());
    }

    /** The pieces of a lay, by the sheet that the lay has them on. */
    void add(LayReading.Laid laid) {
      Map<Integer, List<Piece>> own = new LinkedHashMap<>();
      if (laid.chosen().arrangement() instanceof SheetWork work) {
        for (SheetPart part : work.parts()) {
          String face = laid.faceIds().get(part.front());
          own.computeIfAbsent(part.sheet(), s -> new ArrayList<>())
              .add(new Piece(++number, laid.lay().id(), face, part.cut()));
        }
      } else {
        for (int i = 0; i < laid.items().size(); i++) {
          Box window = SheetPart.grown(laid.items().get(i), design.printed(), 0);
          own.put(i, List.of(new Piece(++number, laid.lay().id(), laid.lay().faceId(), window)));
        }
      }
      bySheet.addAll(intoQuarters(laid, List.copyOf(own.values())));
    }

    /** One of a napkin's pictures is a quarter of it: four of them come from one. */
    private List<List<Piece>> intoQuarters(LayReading.Laid laid, List<List<Piece>> units) {
      boolean whole =
          laid.chosen().arrangement() instanceof SheetWork work
              && work.parts().getFirst().design().printed().areaMm2() > 0.9 * sheet.areaMm2();
      if (!(design instanceof Napkin napkin) || whole) {
        return units;
      }
      Box one = napkin.printed();
      int across = (int) Math.round(sheet.widthMm() / one.widthMm());
      List<List<Piece>> napkins = new ArrayList<>();
      for (int u = 0; u < units.size(); u++) {
        int quarter = u % napkin.quarters();
        if (quarter == 0) {
          napkins.add(new ArrayList<>());
        }
        double dx = quarter % across * one.widthMm();
        double dy = quarter / across * one.heightMm();
        for (Piece p : units.get(u)) {
          Box w = p.window();
          napkins
              .getLast()
              .add(p.at(new Box(w.leftMm() + dx, w.topMm() + dy, w.widthMm(), w.heightMm())));
        }
      }
      return napkins;
    }

    // ---- a picture: every piece is where it is

    DesignCut fromPictures() {
      List<Sheet> done = new ArrayList<>();
      List<List<Piece>> fresh = new ArrayList<>();
      List<Leftover> left = new ArrayList<>(leftovers);
      for (List<Piece> pieces : bySheet) {
        Optional<Leftover> fits = left.stream().filter(l -> holdsAll(l, pieces)).findFirst();
        if (fits.isPresent()) {
          left.remove(fits.get());
          done.add(new Sheet(Optional.of(fits.get().id()), pieces, List.of()));
        } else {
          onto(fresh, pieces);
        }
      }
      List<Piece> unplaced = new ArrayList<>();
      int opened = 0;
      for (List<Piece> pieces : fresh) {
        if (opened == count) {
          unplaced.addAll(pieces);
          continue;
        }
        opened++;
        List<Box> cut = pieces.stream().map(Piece::window).toList();
        done.add(new Sheet(Optional.empty(), pieces, Rests.of(sheet, cut, KEPT_FROM_MM)));
      }
      return new DesignCut(design, done, unplaced, opened, overlappingMost(fresh));
    }

    private static boolean holdsAll(Leftover leftover, List<Piece> pieces) {
      return pieces.stream().allMatch(p -> leftover.offcut().shows(p.window()) > 0.9999);
    }

    /** Onto the first sheet on which nothing is in the way. */
    private static void onto(List<List<Piece>> fresh, List<Piece> pieces) {
      for (List<Piece> there : fresh) {
        boolean free =
            there.stream()
                .noneMatch(
                    t -> pieces.stream().anyMatch(p -> p.window().overlaps(t.window(), 0.01)));
        if (free) {
          there.addAll(pieces);
          return;
        }
      }
      fresh.add(new ArrayList<>(pieces));
    }

    /** Pieces that all show the same spot of the picture each need a sheet of their own. */
    private static int overlappingMost(List<List<Piece>> fresh) {
      int most = fresh.isEmpty() ? 0 : 1;
      List<Piece> all = fresh.stream().flatMap(List::stream).toList();
      for (Piece p : all) {
        for (Piece q : all) {
          double x = p.window().leftMm() + 0.5;
          double y = q.window().topMm() + 0.5;
          int here =
              (int)
                  all.stream()
                      .map(Piece::window)
                      .filter(
                          w ->
                              w.leftMm() < x
                                  && x < w.rightMm()
                                  && w.topMm() < y
                                  && y < w.bottomMm())
                      .count();
          most = Math.max(most, here);
        }
      }
      return most;
    }

    // ---- a plain or repeating print: wherever there is room

    DesignCut fromPrint() {
      List<Piece> pieces = bySheet.stream().flatMap(List::stream).toList();
      Optional<Repeat> repeat = Cover.repeatOf(design);
      double across =
          repeat
              .map(r -> r.pitchXMm() * (r.offset() == Repeat.Offset.HALF_DROP ? 2 : 1))
              .orElse(0.0);
      double down = repeat.map(Repeat::pitchYMm).orElse(0.0);
      Box print = design.printed();
      NestStock whole = NestStock.repeating(print, count, across, down);
      List<NestStock> stock = new ArrayList<>();
      List<Leftover> straight = leftovers.stream().filter(Cutter::isStraight).toList();
      straight.forEach(l -> stock.add(whole.leftover(l.offcut().box())));
      stock.add(whole);
      List<NestPart> parts =
          pieces.stream()
              .map(
                  p ->
                      new NestPart(
                          p.window().widthMm(),
                          p.window().heightMm(),
                          false,
                          p.window().leftMm() - print.leftMm(),
                          p.window().topMm() - print.topMm()))
              .toList();
      Nested nested = Nesting.plan(parts, stock, 0, TRIES, share -> true);
      List<Sheet> sheets = new ArrayList<>();
      for (Nested.Sheet s : nested.sheets()) {
        sheets.add(
            new Sheet(
                s.isNew() ? Optional.empty() : Optional.of(straight.get(s.stock()).id()),
                s.parts().stream()
                    .map(p -> pieces.get(p.part()).at(p.at()))
                    .sorted(Comparator.comparingInt(Piece::number))
                    .toList(),
                s.leftovers().stream().filter(Cutter::isKept).toList()));
      }
      // leftovers come first; among new sheets the one with the first piece does
      sheets.sort(
          Comparator.comparing((Sheet s) -> s.leftoverId().isEmpty())
              .thenComparingInt(s -> s.pieces().stream().mapToInt(Piece::number).min().orElse(0)));
      return new DesignCut(
          design,
          sheets,
          nested.unplaced().stream().map(pieces::get).toList(),
          nested.newSheets(),
          nested.least());
    }

    private static boolean isKept(Box rest) {
      return rest.widthMm() >= KEPT_FROM_MM && rest.heightMm() >= KEPT_FROM_MM;
    }

    private static boolean isStraight(Leftover leftover) {
      return leftover.offcut().areaMm2() > 0.999 * leftover.offcut().box().areaMm2();
    }
  }

  /** What a sheet's pieces and rests leave, which is scrap. */
  public static double scrapMm2(Box sheet, Sheet cut) {
    List<Geometry> used = new ArrayList<>();
    cut.pieces().forEach(p -> used.add(Planar.polygon(p.window())));
    cut.rests().forEach(r -> used.add(Planar.polygon(r)));
    return Planar.difference(Planar.polygon(sheet), Planar.union(used)).getArea();
  }
}
