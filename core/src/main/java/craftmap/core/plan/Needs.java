package craftmap.core.plan;

import craftmap.core.design.Comes;
import craftmap.core.design.Design;
import craftmap.core.design.Moulding;
import craftmap.core.design.Paper;
import craftmap.core.medium.Coating;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** What a lay takes: at most one need of each sort, and none of what it does not take. */
public record Needs(List<Need> all) {
  public Needs {
    all = List.copyOf(all);
  }

  /** The need of a sort, where there is one. */
  public <N extends Need> Optional<N> find(Class<N> sort) {
    return all.stream().filter(sort::isInstance).map(sort::cast).findFirst();
  }

  private <N extends Need> double sum(Class<N> sort, ToDoubleFunction<N> of) {
    return find(sort).map(of::applyAsDouble).orElse(0.0);
  }

  public Optional<Coating> paint() {
    return find(Need.Paint.class).map(Need.Paint::sum);
  }

  /** Whole sheets, for what comes in sheets. */
  public int sheets() {
    return find(Need.Sheets.class).map(Need.Sheets::count).orElse(0);
  }

  /** How much of the design itself is used up, in what it is counted in on the shelf. */
  public double offTheShelf(Design design) {
    double sheets = sheets();
    return switch (design.comes()) {
      case Comes.AsSheets c -> sheets;
      case Comes.AsPieces c -> sum(Need.Pieces.class, Need.Pieces::count);
      case Comes.ByLength c when design instanceof Moulding ->
          sum(Need.StockLengths.class, Need.StockLengths::count) * c.fullMm();
      case Comes.ByLength c when design instanceof Paper p -> sheets * p.sheet().heightMm();
      case Comes.ByLength c -> sum(Need.Length.class, Need.Length::mm);
      case Comes.AsTool c -> 0;
      case Comes.ByHand c -> 0;
    };
  }

  /** Off a roll of film or vinyl. */
  public double filmMm() {
    return sum(Need.Film.class, Need.Film::lengthMm);
  }

  /** What comes out of the pot that the lay names, or would come out of one. */
  public double potMl() {
    return paint().map(Coating::volumeMl).orElse(0.0)
        + pasteMl()
        + sum(Need.Castings.class, Need.Castings::materialMl)
        + sum(Need.Coated.class, c -> c.sum().volumeMl());
  }

  public double pasteMl() {
    return sum(Need.Paste.class, Need.Paste::volumeMl);
  }

  /** Of clay or resin, for castings of that volume. */
  public static double materialMl(double castMl) {
    return castMl * (1 + Need.CASTING_LOSS);
  }
}
