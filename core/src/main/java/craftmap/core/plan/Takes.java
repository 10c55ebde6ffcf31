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
import craftmap.core.surface.Face;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a lay takes.
 *
 * @param paint through openings, or dotted on
 * @param paste drawn through a raised stencil or embossed
 * @param castings made in a mould
 * @param pieces single things that are used up
 * @param lengthMm of a roll or of trim, as it is cut
 * @param stockLengths whole stock lengths of trim
 * @param sheets sheets that are opened, for all its faces
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

  /**
   * Over all faces of a lay.
   *
   * @param face the one it was laid on
   * @param onFaces the items on each of its faces
   */
  static Takes of(
      Lay lay,
      Design design,
      LayOption chosen,
      Face face,
      List<List<Item>> onFaces,
      Optional<Paint> paint,
      Optional<StencilPasses> passes,
      double maskingMm) {
    List<Item> items = onFaces.stream().flatMap(List::stream).toList();
    double printed = items.stream().mapToDouble(Item::printMm2).sum();
    return new Takes(
        paint.flatMap(p -> paint(lay, design, face, p, printed)),
        paste(design, chosen, items, printed),
        design instanceof Mould mould
            ? Optional.of(castings(mould, items.size()))
            : Optional.empty(),
        pieces(design, chosen, items),
        length(design, chosen, items),
        chosen.arrangement() instanceof FrameSides f ? f.cutting().lengths().size() : 0,
        sheets(design, chosen, items),
        chosen.arrangement() instanceof SheetWork w ? w.leastSheets() : 0,
        chosen.arrangement() instanceof PageSet p ? p.pages() : 0,
        sized(design, chosen, onFaces),
        film(items),
        maskingMm,
        HandsOn.minutes(lay, design, chosen, items, passes));
  }

  private static Optional<StencilPaint> paint(
      Lay lay, Design design, Face face, Paint paint, double printedMm2) {
    if (design instanceof PaintedZone) {
      boolean drinks = face.finish() == Finish.BARE && WOODEN.contains(face.makeUp());
      return Optional.of(
          new StencilPaint(
              printedMm2,
              lay.coats(),
              paint.spreadM2PerLitre(),
              BRUSH_LOSS,
              face.relief().factor(),
              drinks ? StencilPaint.FIRST_ON_BARE_WOOD : 1));
    }
    boolean vinyl = design instanceof CustomCut cut && cut.film() == CustomCut.Film.VINYL;
    boolean painted = (design instanceof StencilDesign || design instanceof Dots) && !vinyl;
    return painted && !(design instanceof RaisedStencil)
        ? Optional.of(
            new StencilPaint(
                printedMm2, lay.coats(), paint.spreadM2PerLitre(), StencilPaint.TYPICAL_LOSS))
        : Optional.empty();
  }

  private static final Set<MakeUp> WOODEN = EnumSet.of(MakeUp.WOOD, MakeUp.VENEER, MakeUp.BOARD);

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

  private static double sized(Design design, LayOption chosen, List<List<Item>> onFaces) {
    if (chosen.arrangement() instanceof RollStrips strips) {
      return strips.sizedMm2();
    }
    return switch (design) {
      case Napkin n -> union(onFaces);
      case Paper p -> union(onFaces);
      case CutOut c -> union(onFaces);
      default -> 0;
    };
  }

  /** Each spot counted once, however many pieces lie on it, by what is really there of them. */
  private static double union(List<List<Item>> onFaces) {
    return onFaces.stream()
        .filter(items -> !items.isEmpty())
        .mapToDouble(items -> Planar.union(items.stream().map(Item::print).toList()).getArea())
        .sum();
  }

  private static Optional<Paste> paste(
      Design design, LayOption chosen, List<Item> items, double printedMm2) {
    return switch (design) {
      case RaisedStencil raised -> Optional.of(new Paste(printedMm2, raised.thicknessMm()));
      case Texture texture ->
          Optional.of(
              new Paste(
                  chosen.arrangement() instanceof RollerStrips strips
                      ? strips.areaMm2()
                      : items.stream().mapToDouble(i -> i.share() * i.box().areaMm2()).sum(),
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
