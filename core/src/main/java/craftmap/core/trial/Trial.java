package craftmap.core.trial;

import craftmap.core.design.Comes;
import craftmap.core.design.CutOut;
import craftmap.core.design.Design;
import craftmap.core.design.Dots;
import craftmap.core.design.EnlargedImage;
import craftmap.core.design.FilmRoll;
import craftmap.core.design.FoilRoll;
import craftmap.core.design.Mould;
import craftmap.core.design.Moulding;
import craftmap.core.design.Napkin;
import craftmap.core.design.PaintedZone;
import craftmap.core.design.Paper;
import craftmap.core.design.PlasterFabric;
import craftmap.core.design.StencilDesign;
import craftmap.core.design.StencilRoll;
import craftmap.core.design.Texture;
import craftmap.core.design.Transfer;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.border.BorderSides;
import craftmap.core.lay.rule.border.CornerSet;
import craftmap.core.lay.rule.border.FrameSides;
import craftmap.core.lay.rule.cover.AcrossFronts;
import craftmap.core.lay.rule.cover.SheetCover;
import craftmap.core.lay.rule.cover.Wrapping;
import craftmap.core.lay.rule.field.GridPattern;
import craftmap.core.lay.rule.field.RollerStrips;
import craftmap.core.lay.rule.field.Scattering;
import craftmap.core.lay.rule.pieces.CollageSet;
import craftmap.core.lay.rule.pieces.RollStrips;
import craftmap.core.lay.rule.ring.RingRows;
import craftmap.core.lay.rule.run.RunRow;
import craftmap.core.lay.rule.single.PageSet;
import craftmap.core.lay.rule.single.Stand;
import craftmap.core.lay.rule.single.Wording;
import craftmap.core.lay.rule.single.ZoneArea;
import craftmap.core.measure.Tolerance;
import craftmap.core.plan.LayAnswers;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Needs;
import craftmap.core.plan.Proposal;
import craftmap.core.plane.Box;
import craftmap.core.supply.StockUnit;
import craftmap.core.surface.Face;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.locationtech.jts.geom.Geometry;

/**
 * A design tried on a face.
 *
 * @param needs what it would take from the shelf, in the unit the design is owned in; none where
 *     nothing is used up
 */
public record Trial(Verdict verdict, List<Placed> placed, Optional<Need> needs) {
  /** More copies than these cannot be told apart on a small picture. */
  private static final int MOST_SHOWN = 3000;

  public Trial {
    placed = List.copyOf(placed);
  }

  /** What is wanted of the shelf. */
  public record Need(StockUnit unit, double quantity) {}

  /** What comes of it. */
  public sealed interface Verdict {}

  /** A row of motifs. */
  public record Row(Proposal proposal, int whole, int part) implements Verdict {}

  /** One copy fits; centred, or at the nearest place that is free. */
  public record Fits(boolean centred, boolean turned) implements Verdict {}

  /** It is larger than the face. */
  public record TooLarge(double tooWideMm, double tooTallMm) implements Verdict {}

  /** A keep-out is in the way wherever it was tried. */
  public record InTheWay(String keepOut) implements Verdict {}

  /** It is not laid by itself: others are cut from it. */
  public record CutFrom() implements Verdict {}

  /** The row does not fit, with the rule's own reason. */
  public record NoRow(LayAnswer why) implements Verdict {}

  /** The whole face is covered. */
  public record Covers(int sheets) implements Verdict {}

  /** Strips side by side, layer on layer. */
  public record Strips(int strips, int layers) implements Verdict {}

  /** Trim all round the face. */
  public record AllRound(double lengthMm) implements Verdict {}

  /** One casting, with what it takes to make it. */
  public record Casting(boolean centred, double fillingMl, double minutes) implements Verdict {}

  /** A pattern through paste over the whole face. */
  public record Pasted(int strips, double turns, double pasteMl) implements Verdict {}

  /** The scale at which an image fills the face, and the pages it is printed on. */
  public record Enlarged(double scale, int pages) implements Verdict {}

  /** Dots over the face. */
  public record Dotted(int dots) implements Verdict {}

  /** A zone over the face. */
  public record Zone(double areaMm2) implements Verdict {}

  /** On a face with nothing set into it. */
  public static Trial of(Face face, Design design, List<LayReading> alreadyLaid) {
    return of(face, List.of(), design, alreadyLaid, LayAnswers.NONE);
  }

  /**
   * Tries a design. Whatever is laid by a rule is laid here as it will be there, so that both say
   * the same; a single thing is only looked for a place.
   *
   * @param insets what of the face belongs to faces that are set into it
   * @param answers what rules are known to answer already
   */
  public static Trial of(
      Face face,
      List<Geometry> insets,
      Design design,
      List<LayReading> alreadyLaid,
      LayAnswers answers) {
    FreeRegion region = new FreeRegion(face, design.kind());
    Supplier<Proposal> proposal =
        () -> Proposal.of(face, insets, design, alreadyLaid, answers).orElseThrow();
    return switch (design) {
      case StencilDesign stencil -> row(face, stencil, proposal.get());
      case Transfer transfer -> single(region, transfer, new Need(StockUnit.SHEETS, 1));
      case CutOut cutOut -> single(region, cutOut, new Need(StockUnit.PIECES, 1));
      case Moulding moulding when moulding.form() != Moulding.Form.LENGTHS ->
          moulding(region, moulding);
      case Mould mould -> casting(region, mould);
      case EnlargedImage image -> enlarged(region, image);
      case FilmRoll _ -> new Trial(new CutFrom(), List.of(), Optional.empty());
      case Moulding _,
          Napkin _,
          Paper _,
          FoilRoll _,
          PlasterFabric _,
          Texture _,
          Dots _,
          PaintedZone _ ->
          laid(face, design, proposal.get());
    };
  }

  private static Trial laid(Face face, Design design, Proposal proposal) {
    if (!(proposal.answer() instanceof LayAnswer.Options options)) {
      return new Trial(new NoRow(proposal.answer()), List.of(), Optional.empty());
    }
    LayOption best = options.best();
    Needs takes = proposal.takes(face, design);
    List<Placed> placed = best.items().stream().limit(MOST_SHOWN).map(Trial::upright).toList();
    double wanted = takes.offTheShelf(design);
    Optional<Need> need =
        wanted > 0 ? unit(design).map(u -> new Need(u, wanted)) : Optional.empty();
    return new Trial(verdict(design, best, takes), placed, need);
  }

  /** As small pictures show it: turned by the nearest quarter. */
  private static Placed upright(Item item) {
    double turn = 90 * Math.rint(item.at().turnDeg() / 90) % 360;
    boolean lies = turn % 180 != 0;
    double w = item.box().widthMm();
    double h = item.box().heightMm();
    return new Placed(Box.around(item.centre(), lies ? h : w, lies ? w : h), turn);
  }

  private static Optional<StockUnit> unit(Design design) {
    return switch (design.comes()) {
      case Comes.AsSheets c -> Optional.of(StockUnit.SHEETS);
      case Comes.AsPieces c -> Optional.of(StockUnit.PIECES);
      case Comes.ByLength c -> Optional.of(StockUnit.MM);
      case Comes.AsTool c -> Optional.empty();
      case Comes.ByHand c -> Optional.empty();
    };
  }

  private static Verdict verdict(Design design, LayOption best, Needs takes) {
    return switch (best.arrangement()) {
      case SheetCover cover -> new Covers(takes.sheets());
      case Wrapping wrap -> new Covers(takes.sheets());
      case RollStrips strips ->
          new Strips(strips.strips(), design instanceof PlasterFabric p ? p.layers() : 1);
      case FrameSides frame -> new AllRound(frame.lengthMm());
      case RollerStrips strips -> new Pasted(strips.strips(), strips.turns(), takes.pasteMl());
      case ZoneArea zone -> new Zone(zone.areaMm2());
      case RunRow _,
          RingRows _,
          BorderSides _,
          GridPattern _,
          Stand _,
          CornerSet _,
          Scattering _,
          Wording _,
          AcrossFronts _,
          CollageSet _,
          PageSet _ ->
          design instanceof Dots
              ? new Dotted(best.items().size())
              : design instanceof Texture
                  ? new Pasted(best.items().size(), best.items().size(), takes.pasteMl())
                  : new Covers(takes.sheets());
    };
  }

  private static Trial row(Face face, StencilDesign stencil, Proposal proposal) {
    if (!(proposal.answer() instanceof LayAnswer.Options options)) {
      return new Trial(new NoRow(proposal.answer()), List.of(), Optional.empty());
    }
    LayOption best = options.best();
    List<Placed> placed =
        best.items().stream().map(i -> new Placed(i.box().around(), i.at().turnDeg())).toList();
    double tooWide = stencil.printWidthMm() - face.outline().widthMm();
    double tooTall = stencil.printHeightMm() - face.outline().heightMm();
    if (Tolerance.EXACT.greater(Math.max(tooWide, tooTall), 0)) {
      Verdict large = new TooLarge(Math.max(0, tooWide), Math.max(0, tooTall));
      return new Trial(large, placed, Optional.empty());
    }
    int whole = (int) best.items().stream().filter(Item::isWhole).count();
    Optional<Need> need =
        stencil instanceof StencilRoll roll
            ? Optional.of(
                new Need(
                    StockUnit.MM,
                    Math.ceilDiv(best.items().size(), roll.usesOnAPiece()) * roll.sheetWidthMm()))
            : Optional.empty();
    return new Trial(new Row(proposal, whole, best.items().size() - whole), placed, need);
  }

  private static Trial single(FreeRegion region, Design design, Need need) {
    Standpoint stand =
        Standpoint.of(region, design.printWidthMm(), design.printHeightMm(), design.direction());
    return new Trial(verdict(stand), tried(stand), Optional.of(need));
  }

  private static List<Placed> tried(Standpoint stand) {
    return switch (stand) {
      case Standpoint.At at -> List.of(at.placed());
      case Standpoint.TooLarge large -> List.of(large.tried());
      case Standpoint.InTheWay way -> List.of(way.tried());
    };
  }

  private static Verdict verdict(Standpoint stand) {
    return switch (stand) {
      case Standpoint.At at -> new Fits(at.centred(), at.placed().turnDeg() != 0);
      case Standpoint.TooLarge large -> new TooLarge(large.tooWideMm(), large.tooTallMm());
      case Standpoint.InTheWay way -> new InTheWay(way.what().name());
    };
  }

  private static Trial moulding(FreeRegion region, Moulding moulding) {
    boolean pair = moulding.form() == Moulding.Form.HANDED_PAIR;
    return single(region, moulding, new Need(StockUnit.PIECES, pair ? 2 : 1));
  }

  private static Trial casting(FreeRegion region, Mould mould) {
    Standpoint stand =
        Standpoint.of(region, mould.printWidthMm(), mould.printHeightMm(), mould.direction());
    Verdict verdict =
        stand instanceof Standpoint.At at
            ? new Casting(at.centred(), Needs.materialMl(mould.volumeMl()), mould.batchMinutes())
            : verdict(stand);
    return new Trial(verdict, tried(stand), Optional.empty());
  }

  private static Trial enlarged(FreeRegion region, EnlargedImage image) {
    double scale =
        Math.clamp(
            Math.min(
                region.widthMm() / image.printWidthMm(), region.heightMm() / image.printHeightMm()),
            image.smallestScale(),
            image.largestScale());
    Standpoint stand =
        Standpoint.of(
            region, image.printWidthMm() * scale, image.printHeightMm() * scale, image.direction());
    double smaller = scale;
    while (!(stand instanceof Standpoint.At) && smaller * 0.95 >= image.smallestScale()) {
      smaller *= 0.95;
      stand =
          Standpoint.of(
              region,
              image.printWidthMm() * smaller,
              image.printHeightMm() * smaller,
              image.direction());
    }
    Verdict verdict =
        stand instanceof Standpoint.At
            ? new Enlarged(smaller, image.pages(smaller))
            : verdict(stand);
    return new Trial(verdict, tried(stand), Optional.empty());
  }
}
