package craftmap.core.plan.cutting;

import craftmap.core.cut.StockLengths;
import craftmap.core.design.Comes;
import craftmap.core.design.Design;
import craftmap.core.design.Moulding;
import craftmap.core.design.Paper;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.border.Frame;
import craftmap.core.lay.rule.border.FrameSides;
import craftmap.core.lay.rule.pieces.CollageSet;
import craftmap.core.plan.LayReading;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What all lays of a piece take of one design together. What one lay leaves of a sheet, a napkin or
 * a stock length is there for the next, so that this is less than the sum of what each would take
 * by itself.
 *
 * @param uses what each lay would take by itself, in what the shelf counts
 * @param quantity what all take together, in what the shelf counts
 * @param left of handed pieces, those of the left hand; 0 for what has no hands
 * @param right of handed pieces, those of the right hand
 * @param count sheets or stock lengths that are opened; 0 where nothing is cut from such
 * @param least no plan opens fewer
 */
public record Pool(
    Design design, List<Use> uses, double quantity, int left, int right, int count, int least) {
  private static final int PLENTY = 10_000;

  /** What one lay takes. */
  public record Use(LayReading.Laid laid, double quantity) {}

  public Pool {
    uses = List.copyOf(uses);
  }

  public boolean isHanded() {
    return left + right > 0;
  }

  /** Whether other lays share it. */
  public boolean isShared() {
    return uses.size() > 1;
  }

  public boolean has(String layId) {
    return uses.stream().anyMatch(u -> u.laid().lay().id().equals(layId));
  }

  /** Sheets, or a roll of paper of which as long ones are cut off. */
  public static boolean comesInSheets(Design design) {
    boolean sheets =
        design.comes() instanceof Comes.AsSheets
            || design instanceof Paper && design.comes() instanceof Comes.ByLength;
    return sheets && design.picture().isPresent();
  }

  /** Of all lays of a piece, in the order they use designs. */
  public static List<Pool> of(List<LayReading> lays) {
    Map<String, List<Use>> byDesign = new LinkedHashMap<>();
    Map<String, Design> designs = new LinkedHashMap<>();
    for (LayReading reading : lays) {
      if (reading instanceof LayReading.Laid laid && laid.lead()) {
        taken(laid)
            .forEach(
                (design, quantity) -> {
                  designs.putIfAbsent(design.id(), design);
                  byDesign
                      .computeIfAbsent(design.id(), id -> new ArrayList<>())
                      .add(new Use(laid, quantity));
                });
      }
    }
    return byDesign.entrySet().stream()
        .map(e -> of(designs.get(e.getKey()), e.getValue()))
        .toList();
  }

  /** The pieces of a collage are each of their own design; all else is of the lay's. */
  private static Map<Design, Double> taken(LayReading.Laid laid) {
    Map<Design, Double> taken = new LinkedHashMap<>();
    if (laid.chosen().arrangement() instanceof CollageSet) {
      laid.items().forEach(i -> taken.merge(i.design(), 1.0, Double::sum));
    } else if (laid.takes().offTheShelf(laid.design()) > 0) {
      taken.put(laid.design(), laid.takes().offTheShelf(laid.design()));
    }
    laid.film().ifPresent(roll -> taken.merge(roll, laid.takes().filmMm(), Double::sum));
    return taken;
  }

  private static Pool of(Design design, List<Use> uses) {
    if (comesInSheets(design)) {
      DesignCut cut = cut(design, uses, List.of());
      return new Pool(
          design, uses, cut.newSheets() * perSheet(design), 0, 0, cut.newSheets(), cut.least());
    }
    if (design instanceof Moulding m && m.form() == Moulding.Form.LENGTHS) {
      StockLengths.Plan plan = lengths(m, uses);
      int count = plan.lengths().size();
      return new Pool(design, uses, count * m.stockMm(), 0, 0, count, plan.least());
    }
    int right = 0;
    int left = 0;
    if (design instanceof Moulding m && m.form() == Moulding.Form.HANDED_PAIR) {
      for (Use use : uses) {
        for (Item item : use.laid.items()) {
          right += item.at().mirrored() ? 1 : 0;
          left += item.at().mirrored() ? 0 : 1;
        }
      }
    }
    double sum = uses.stream().mapToDouble(Use::quantity).sum();
    return new Pool(design, uses, sum, left, right, 0, 0);
  }

  /** How much of the shelf's unit one sheet is: a length where it is cut off a roll. */
  public static double perSheet(Design design) {
    return design.comes() instanceof Comes.ByLength ? design.picture().orElseThrow().heightMm() : 1;
  }

  /** The same with leftovers that may be cut first. */
  public Pool with(List<DesignCut.Leftover> leftovers) {
    if (leftovers.isEmpty() || !comesInSheets(design)) {
      return this;
    }
    DesignCut cut = cut(design, uses, leftovers);
    return new Pool(
        design, uses, cut.newSheets() * perSheet(design), 0, 0, cut.newSheets(), cut.least());
  }

  private static DesignCut cut(Design design, List<Use> uses, List<DesignCut.Leftover> leftovers) {
    return DesignCut.of(
        design,
        uses.stream().map(u -> new DesignCut.Source("", u.laid)).toList(),
        leftovers,
        PLENTY,
        CutWish.PLAIN,
        done -> true);
  }

  private static StockLengths.Plan lengths(Moulding moulding, List<Use> uses) {
    List<Double> pieces = new ArrayList<>();
    double saw = 0;
    for (Use use : uses) {
      if (use.laid.chosen().arrangement() instanceof FrameSides frame) {
        frame.sides().forEach(s -> pieces.add(s.outerMm()));
        saw = use.laid.lay().rule() instanceof Frame f ? Math.max(saw, f.sawMm()) : saw;
      }
    }
    return StockLengths.plan(pieces, moulding.stockMm(), saw);
  }
}
