package craftmap.server.shopping;

import craftmap.core.design.Design;
import craftmap.core.measure.TapeDivision;
import craftmap.core.measure.Tolerance;
import craftmap.core.medium.Medium;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Need;
import craftmap.core.supply.Provision;
import craftmap.core.supply.StockUnit;
import craftmap.server.gather.GatherService;
import craftmap.server.gather.Gathering;
import craftmap.server.gather.Settlings;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.Pot;
import craftmap.server.shelf.ShelfService;
import craftmap.server.stock.ClaimBook;
import craftmap.server.stock.Holding;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * What pieces take together against what there is. What one pot lacks another pot of the same paint
 * may have; what pieces ask for in turn is never counted twice, since each asks its stocks as its
 * own plan does.
 */
@Component
class Together {
  /** Below this nothing is short: it clings to the pot. */
  private static final double A_DROP_ML = 0.5;

  private final GatherService gathering;
  private final ShelfService shelf;
  private final ClaimBook claims;

  Together(GatherService gathering, ShelfService shelf, ClaimBook claims) {
    this.gathering = gathering;
    this.shelf = shelf;
    this.claims = claims;
  }

  /**
   * What a piece takes of something, in its unit.
   *
   * @param missing of that, what its plan cannot count on
   */
  record ByPiece(SavedPlan piece, double takes, double missing) {}

  /**
   * Something that is used up.
   *
   * @param stock what there is of it
   * @param free of that, what no piece asks for
   * @param toBuy what is missing once another pot of it helped out
   */
  record Line(Supply supply, List<ByPiece> pieces, List<Holding> stock, double free, double toBuy) {
    double takes() {
      return pieces.stream().mapToDouble(ByPiece::takes).sum();
    }

    double missing() {
      return pieces.stream().mapToDouble(ByPiece::missing).sum();
    }

    double level() {
      return stock.stream().mapToDouble(h -> h.level().doubleValue()).sum();
    }
  }

  /**
   * All of it.
   *
   * @param open what cannot be counted before it is settled, by piece
   * @param sandpaperSheets not counted on the shelf, of all grits together
   */
  record All(List<Line> lines, List<Open> open, double sandpaperSheets, double tapeMm) {}

  /**
   * How many lays or coats of a piece are not counted, since no pot is named or they do not fit.
   */
  record Open(SavedPlan piece, int unnamed, int notLaid) {}

  All of(Studio studio, List<SavedPlan> pieces) {
    Map<String, Sum> sums = new LinkedHashMap<>();
    List<Open> open = new ArrayList<>();
    double sandpaper = 0;
    double tape = 0;
    Settlings settlings = gathering.settlings();
    for (SavedPlan piece : pieces) {
      Gathering taken = gathering.gather(studio, piece, settlings);
      taken.needs().forEach(n -> pot(sums, piece, n));
      taken.unowned().forEach(u -> unowned(sums, piece, u));
      taken.designs().stream().filter(d -> !d.isUsed()).forEach(d -> design(sums, piece, d));
      taken.unrolled().forEach(l -> film(sums, piece, l, studio.tape()));
      if (!taken.unnamed().isEmpty() || !taken.notLaid().isEmpty()) {
        open.add(new Open(piece, taken.unnamed().size(), taken.notLaid().size()));
      }
      sandpaper += taken.sundries().sandpaperSheets();
      tape += taken.sundries().tapeMm();
    }
    return new All(
        sums.values().stream().map(s -> line(studio, s)).toList(), open, sandpaper, tape);
  }

  /** What is asked of something, piece by piece. */
  private static final class Sum {
    private final Supply supply;
    private final Map<String, ByPiece> pieces = new LinkedHashMap<>();

    private Sum(Supply supply) {
      this.supply = supply;
    }

    private void add(SavedPlan piece, double takes, double missing) {
      pieces.merge(
          piece.id(),
          new ByPiece(piece, takes, missing),
          (a, b) -> new ByPiece(piece, a.takes() + b.takes(), a.missing() + b.missing()));
    }
  }

  private static Sum sum(Map<String, Sum> sums, Supply supply) {
    return sums.computeIfAbsent(supply.key(), k -> new Sum(supply));
  }

  private static void pot(Map<String, Sum> sums, SavedPlan piece, Gathering.Need need) {
    Medium medium = need.pot().medium();
    if (need.stillNeededMl() > 0) {
      sum(sums, new Supply.OfMedium(medium))
          .add(
              piece,
              medium.inItsUnit(need.stillNeededMl()),
              need.provision() instanceof Provision.Short s ? medium.inItsUnit(s.by()) : 0);
    }
  }

  private static void unowned(Map<String, Sum> sums, SavedPlan piece, Gathering.Unowned of) {
    Medium medium = of.medium();
    double wanted = medium.inItsUnit(of.leftMl());
    sum(sums, new Supply.OfKind(medium)).add(piece, wanted, wanted);
  }

  private static void design(Map<String, Sum> sums, SavedPlan piece, Gathering.DesignNeed need) {
    Design design = need.design();
    sum(sums, new Supply.OfDesign(design, need.unit()))
        .add(piece, need.quantity(), need.toBuy() > Tolerance.EXACT.lengthMm() ? need.toBuy() : 0);
  }

  private static void film(
      Map<String, Sum> sums, SavedPlan piece, LayReading.Laid laid, TapeDivision tape) {
    Need.Film film = laid.takes().find(Need.Film.class).orElseThrow();
    String name = Words.say("gather.film." + film.of().name(), tape.show(film.widthMm()));
    sum(sums, new Supply.OfFilm(film.of(), film.widthMm(), name))
        .add(piece, film.lengthMm(), film.lengthMm());
  }

  private Line line(Studio studio, Sum sum) {
    List<ByPiece> pieces = List.copyOf(sum.pieces.values());
    double missing = pieces.stream().mapToDouble(ByPiece::missing).sum();
    return switch (sum.supply) {
      case Supply.OfMedium of -> {
        List<Holding> pots =
            shelf.allPots(studio.id()).stream()
                .filter(p -> p.medium().id().equals(of.medium().id()))
                .map(Pot::holding)
                .toList();
        double free =
            pots.stream().mapToDouble(h -> claims.on(h).claims().available().doubleValue()).sum();
        yield new Line(of, pieces, pots, free, beyondADrop(of.medium(), missing - free));
      }
      case Supply.OfKind of ->
          new Line(of, pieces, List.of(), 0, beyondADrop(of.medium(), missing));
      case Supply.OfDesign of -> {
        List<Holding> stock = shelf.stockOf(studio.id(), of.design().id());
        double free =
            stock.stream().mapToDouble(h -> claims.on(h).claims().available().doubleValue()).sum();
        yield new Line(of, pieces, stock, free, whole(of.counted(), missing));
      }
      case Supply.OfFilm of -> new Line(of, pieces, List.of(), 0, missing);
    };
  }

  private static double beyondADrop(Medium medium, double missing) {
    return missing > medium.inItsUnit(A_DROP_ML) ? missing : 0;
  }

  private static double whole(StockUnit unit, double missing) {
    return unit.isCounted() ? Math.ceil(missing - Tolerance.EXACT.lengthMm()) : missing;
  }
}
