package craftmap.server.cut;

import craftmap.core.design.Comes;
import craftmap.core.design.Design;
import craftmap.core.measure.Tolerance;
import craftmap.core.plan.cutting.DesignCut;
import craftmap.core.plan.cutting.PlannedOffcut;
import craftmap.core.plan.cutting.Pool;
import craftmap.core.plane.Box;
import craftmap.core.supply.StockUnit;
import craftmap.server.gather.Gathering;
import craftmap.server.piece.SavedPlan;
import craftmap.server.stock.Holding;
import java.util.ArrayList;
import java.util.List;

/**
 * One design's cuts.
 *
 * @param pieces what it is cut for, the one that is looked at first
 * @param needs what each of them that uses the design wants of it
 * @param isCut they are booked
 * @param leftovers of the shelf, by the id the cuts name
 * @param wish what was wished for
 * @param isSearched the plan is one that was searched for
 * @param missing how many sheets more would do; 0 where there are enough
 */
record Cutting(
    List<SavedPlan> pieces,
    List<Gathering.DesignNeed> needs,
    DesignCut cut,
    boolean isCut,
    List<Holding> leftovers,
    KeptPlans.WishDoc wish,
    boolean isSearched,
    int missing) {
  Cutting {
    pieces = List.copyOf(pieces);
    needs = List.copyOf(needs);
    leftovers = List.copyOf(leftovers);
  }

  Holding leftover(String id) {
    return leftovers.stream().filter(h -> h.id().equals(id)).findFirst().orElseThrow();
  }

  /** The whole of what a sheet is cut from, in its own coordinates. */
  Box wholeOf(DesignCut.Sheet sheet) {
    var picture = cut.design().picture().orElseThrow();
    return sheet
        .leftoverId()
        .map(this::leftover)
        .map(h -> h.leftover().orElseThrow().box())
        .orElse(new Box(0, 0, picture.widthMm(), picture.heightMm()));
  }

  /** What the plans keep of its sheets. */
  List<PlannedOffcut> planned() {
    List<DesignCut.Source> sources = new ArrayList<>();
    for (int i = 0; i < pieces.size(); i++) {
      String pieceId = pieces.get(i).id();
      needs.get(i).wanted().forEach(l -> sources.add(new DesignCut.Source(pieceId, l.laid())));
    }
    return PlannedOffcut.of(cut, sources);
  }

  /** Whole sheets that these pieces may count on. */
  int sheets() {
    return wholeSheets(needs.stream().mapToDouble(Gathering.DesignNeed::mine).sum(), cut.design());
  }

  /** How much of the shelf's unit one sheet is: a length where it is cut off a roll. */
  static double unitsOf(Design design) {
    return Pool.perSheet(design);
  }

  static int wholeSheets(double quantity, Design design) {
    return (int) Math.floor(quantity / unitsOf(design) + Tolerance.EXACT.lengthMm());
  }

  static boolean isOnARoll(Design design) {
    return design.comes() instanceof Comes.ByLength;
  }

  double owned() {
    return needs.isEmpty()
        ? 0
        : needs.getFirst().stock().stream().mapToDouble(h -> h.level().doubleValue()).sum();
  }

  StockUnit unit() {
    return isOnARoll(cut.design()) ? StockUnit.MM : StockUnit.SHEETS;
  }
}
