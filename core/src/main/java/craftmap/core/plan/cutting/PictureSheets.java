package craftmap.core.plan.cutting;

import craftmap.core.cut.nest.NestSearch;
import craftmap.core.cut.nest.Rests;
import craftmap.core.design.Design;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Parts of pictures: each is cut where it is, from the first sheet on which nothing is in its way.
 */
final class PictureSheets {
  private final Design design;
  private final Box sheet;
  private final List<DesignCut.Leftover> leftovers;
  private final int count;

  PictureSheets(Design design, List<DesignCut.Leftover> leftovers, int count, CutWish wish) {
    this.design = design;
    this.sheet = DesignCut.sheetOf(design);
    this.leftovers =
        wish.search().preference() == NestSearch.Preference.LEFTOVERS_KEPT ? List.of() : leftovers;
    this.count = count;
  }

  DesignCut cut(List<List<DesignCut.Piece>> bySheet) {
    List<DesignCut.Sheet> done = new ArrayList<>();
    List<List<DesignCut.Piece>> fresh = new ArrayList<>();
    List<DesignCut.Leftover> left = new ArrayList<>(leftovers);
    for (List<DesignCut.Piece> pieces : bySheet) {
      Optional<DesignCut.Leftover> fits =
          left.stream().filter(l -> holdsAll(l, pieces)).findFirst();
      if (fits.isPresent()) {
        left.remove(fits.get());
        done.add(new DesignCut.Sheet(Optional.of(fits.get().id()), pieces, List.of()));
      } else {
        onto(fresh, pieces);
      }
    }
    List<DesignCut.Piece> unplaced = new ArrayList<>();
    int opened = 0;
    for (List<DesignCut.Piece> pieces : fresh) {
      if (opened == count) {
        unplaced.addAll(pieces);
        continue;
      }
      opened++;
      List<Box> cut = pieces.stream().map(DesignCut.Piece::window).toList();
      done.add(
          new DesignCut.Sheet(
              Optional.empty(), pieces, Rests.of(sheet, cut, DesignCut.KEPT_FROM_MM)));
    }
    return new DesignCut(design, done, unplaced, opened, overlappingMost(fresh));
  }

  private static boolean holdsAll(DesignCut.Leftover leftover, List<DesignCut.Piece> pieces) {
    return pieces.stream().allMatch(p -> leftover.offcut().shows(p.window()) > 0.9999);
  }

  /** Onto the first sheet on which nothing is in the way. */
  private static void onto(List<List<DesignCut.Piece>> fresh, List<DesignCut.Piece> pieces) {
    for (List<DesignCut.Piece> there : fresh) {
      boolean free =
          there.stream()
              .noneMatch(t -> pieces.stream().anyMatch(p -> p.window().overlaps(t.window(), 0.01)));
      if (free) {
        there.addAll(pieces);
        return;
      }
    }
    fresh.add(new ArrayList<>(pieces));
  }

  /** Pieces that all show the same spot of the picture each need a sheet of their own. */
  private static int overlappingMost(List<List<DesignCut.Piece>> fresh) {
    int most = fresh.isEmpty() ? 0 : 1;
    List<Box> all = fresh.stream().flatMap(List::stream).map(DesignCut.Piece::window).toList();
    for (Box p : all) {
      for (Box q : all) {
        double x = p.leftMm() + 0.5;
        double y = q.topMm() + 0.5;
        int here =
            (int)
                all.stream()
                    .filter(
                        w -> w.leftMm() < x && x < w.rightMm() && w.topMm() < y && y < w.bottomMm())
                    .count();
        most = Math.max(most, here);
      }
    }
    return most;
  }
}
