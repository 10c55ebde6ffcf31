package craftmap.core.plan;

import craftmap.core.design.Comes;
import craftmap.core.design.CustomCut;
import craftmap.core.design.CutOut;
import craftmap.core.design.Design;
import craftmap.core.design.Dots;
import craftmap.core.design.Mould;
import craftmap.core.design.Moulding;
import craftmap.core.design.Napkin;
import craftmap.core.design.PaintedZone;
import craftmap.core.design.Paper;
import craftmap.core.design.RaisedStencil;
import craftmap.core.design.StencilDesign;
import craftmap.core.design.StencilRoll;
import craftmap.core.design.StripRoll;
import craftmap.core.design.Texture;
import craftmap.core.design.Transfer;
import craftmap.core.lay.Item;
import craftmap.core.lay.pass.StencilPasses;
import craftmap.core.lay.rule.CornerSet;
import craftmap.core.lay.rule.FrameSides;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.PageSet;
import craftmap.core.lay.rule.RollStrips;
import craftmap.core.lay.rule.RollerStrips;
import craftmap.core.lay.rule.SheetWork;
import craftmap.core.medium.Paint;
import craftmap.core.medium.StencilPaint;
import craftmap.core.plane.Planar;
import java.util.List;
import java.util.Optional;

/**
 * What a lay takes.
 *
 * @param paint through openings, or dotted on
 * @param paste drawn through a raised stencil or embossed
 * @param castings made in a mould
 * @param pieces single things that are used up
 * @param lengthMm of a roll or of trim, as it is cut
 * @param stockLengths whole stock lengths of trim
 * @param sheets sheets that are opened; none on further faces of the same lay
 * @param leastSheets no plan needs fewer
 * @param pages office pages that are printed
 * @param sizedMm2 what is sized, wetted or glued over
 * @param filmMm2 of film or vinyl for what is cut to size
 * @param maskingMm tape along what must stay clean
 * @param handsOnMin minutes of work, without waiting
 */
public record Takes(
    Optional<StencilPaint> paint,
    Optional<Paste> paste,
    Optional<Castings> castings,
    int pieces,
    double lengthMm,
    int stockLengths,
    int sheets,
    int leastSheets,
    int pages,
    double sizedMm2,
    double filmMm2,
    double maskingMm,
    double handsOnMin) {
  /** Paste that stays on the knife and in the tub. */
  public static final double PASTE_LOSS = 0.10;

  /** Paint that dries in the brush. */
  public static final double BRUSH_LOSS = 0.05;

  /** Clay or resin that is trimmed off. */
  public static final double CASTING_LOSS = 0.10;

  /** Paste of a thickness over an area: V = A x t x (1 + loss). */
  public record Paste(double areaMm2, double thicknessMm) {
    public double volumeMl() {
      return areaMm2 * thicknessMm / 1000 * (1 + PASTE_LOSS);
    }
  }

  /** Castings from one mould: n / c batches, rounded up, one after the other. */
  public record Castings(int count, int batches, double batchMinutes, double eachMl) {
    public double materialMl() {
      return count * eachMl * (1 + CASTING_LOSS);
    }

    /** From the first filling until the last casting can be taken out. */
    public double readyAfterMin() {
      return batches * batchMinutes;
    }
  }

  /** How much of the design itself is used up, in what it is counted in on the shelf. */
  public double offTheShelf(Design design) {
    return switch (design.comes()) {
      case Comes.AsSheets c -> sheets;
      case Comes.AsPieces c -> pieces;
      case Comes.ByLength c when design instanceof Moulding -> stockLengths * c.fullMm();
      case Comes.ByLength c when design instanceof Paper p -> sheets * p.sheet().heightMm();
      case Comes.ByLength c -> lengthMm;
      case Comes.AsTool c -> 0;
      case Comes.ByHand c -> 0;
    };
  }

  /** What goes through the pot that the lay names. */
  public double potMl() {
    return paint.map(StencilPaint::volumeMl).orElse(0.0) + paste.map(Paste::volumeMl).orElse(0.0);
  }

  static Takes of(
      Lay lay,
      boolean lead,
      Design design,
      LayOption chosen,
      List<Item> items,
      Optional<Paint> paint,
      Optional<StencilPasses> passes,
      double maskingMm) {
    double printed = items.stream().mapToDouble(Item::printMm2).sum();
    return new Takes(
        paint.flatMap(p -> paint(lay, design, p, printed)),
        paste(design, items, printed),
        design instanceof Mould mould
            ? Optional.of(castings(mould, items.size()))
            : Optional.empty(),
        pieces(design, chosen, items),
        length(design, chosen, items),
        chosen.arrangement() instanceof FrameSides f ? f.cutting().lengths().size() : 0,
        lead ? sheets(design, chosen, items) : 0,
        lead && chosen.arrangement() instanceof SheetWork w ? w.leastSheets() : 0,
        chosen.arrangement() instanceof PageSet p ? p.pages() : 0,
        sized(design, chosen, items),
        film(items),
        maskingMm,
        HandsOn.minutes(lay, design, chosen, items, passes));
  }

  private static Optional<StencilPaint> paint(
      Lay lay, Design design, Paint paint, double printedMm2) {
    boolean vinyl = design instanceof CustomCut cut && cut.film() == CustomCut.Film.VINYL;
    boolean painted =
        (design instanceof StencilDesign || design instanceof Dots || design instanceof PaintedZone)
            && !vinyl;
    double loss = design instanceof PaintedZone ? BRUSH_LOSS : StencilPaint.TYPICAL_LOSS;
    return painted && !(design instanceof RaisedStencil)
        ? Optional.of(new StencilPaint(printedMm2, lay.coats(), paint.spreadM2PerLitre(), loss))
        : Optional.empty();
  }

  /** Whole sheets; a picture by itself is one, or one of the pictures on a napkin. */
  private static int sheets(Design design, LayOption chosen, List<Item> items) {
    if (chosen.arrangement() instanceof SheetWork work) {
      return work.sheets();
    }
    return switch (design) {
      case Napkin n -> Math.ceilDiv(items.size(), n.quarters());
      case Transfer t -> items.size();
      case Paper p -> items.size();
      default -> 0;
    };
  }

  private static double sized(Design design, LayOption chosen, List<Item> items) {
    if (chosen.arrangement() instanceof RollStrips strips) {
      return strips.sizedMm2();
    }
    return switch (design) {
      case Napkin n -> union(items);
      case Paper p -> union(items);
      case CutOut c -> union(items);
      default -> 0;
    };
  }

  /** Each spot counted once, however many pieces lie on it. */
  private static double union(List<Item> items) {
    return Planar.union(items.stream().map(Item::visibleArea).toList()).getArea();
  }

  private static Optional<Paste> paste(Design design, List<Item> items, double printedMm2) {
    return switch (design) {
      case RaisedStencil raised -> Optional.of(new Paste(printedMm2, raised.thicknessMm()));
      case Texture texture ->
          Optional.of(
              new Paste(
                  items.stream().mapToDouble(i -> i.share() * i.box().areaMm2()).sum(),
                  texture.pasteMm()));
      default -> Optional.empty();
    };
  }

  private static Castings castings(Mould mould, int count) {
    return new Castings(count, mould.batches(count), mould.batchMinutes(), mould.volumeMl());
  }

  private static int pieces(Design design, LayOption chosen, List<Item> items) {
    if (design instanceof CutOut) {
      return items.size();
    }
    if (!(design instanceof Moulding moulding) || moulding.form() == Moulding.Form.LENGTHS) {
      return 0;
    }
    return chosen.arrangement() instanceof CornerSet corners ? corners.pieces() : items.size();
  }

  private static double length(Design design, LayOption chosen, List<Item> items) {
    return switch (design) {
      case StencilRoll roll ->
          Math.ceilDiv(items.size(), roll.usesOnAPiece()) * roll.sheetWidthMm();
      case Moulding m when chosen.arrangement() instanceof FrameSides frame -> frame.lengthMm();
      case Texture t when chosen.arrangement() instanceof RollerStrips strips -> strips.lengthMm();
      case StripRoll r when chosen.arrangement() instanceof RollStrips strips -> strips.usedMm();
      default -> 0;
    };
  }

  private static double film(List<Item> items) {
    return items.stream()
        .filter(i -> i.design() instanceof CustomCut)
        .map(i -> (CustomCut) i.design())
        .distinct()
        .mapToDouble(c -> c.sheetWidthMm() * c.sheetHeightMm())
        .sum();
  }
}
