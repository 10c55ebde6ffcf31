package craftmap.core.trial;

import craftmap.core.design.CutOut;
import craftmap.core.design.Design;
import craftmap.core.design.Dots;
import craftmap.core.design.EnlargedImage;
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
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Proposal;
import craftmap.core.plan.Takes;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.supply.StockUnit;
import craftmap.core.surface.Face;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/**
 * A design tried on a face.
 *
 * @param needs what it would take from the shelf, in the unit the design is owned in; none where
 *     nothing is used up
 */
public record Trial(Verdict verdict, List<Placed> placed, Optional<Need> needs) {
  /** Sheets side by side overlap by this much until a lay says otherwise. */
  private static final double OVERLAP_MM = 8;

  private static final int MOST_DOTS = 3000;

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

  public static Trial of(Face face, Design design, List<LayReading> alreadyLaid) {
    FreeRegion region = new FreeRegion(face, design.kind());
    return switch (design) {
      case StencilDesign stencil -> row(face, stencil, alreadyLaid);
      case Transfer transfer -> single(region, transfer, new Need(StockUnit.SHEETS, 1));
      case CutOut cutOut -> single(region, cutOut, new Need(StockUnit.PIECES, 1));
      case Moulding moulding -> moulding(region, moulding);
      case Mould mould -> casting(region, mould);
      case Napkin napkin -> napkin(region, napkin);
      case Paper paper -> paper(region, paper);
      case FoilRoll foil -> strips(region, foil.widthMm(), foil.overlapMm(), 1);
      case PlasterFabric fabric ->
          strips(region, fabric.widthMm(), fabric.overlapMm(), fabric.layers());
      case Texture texture -> texture(region, texture);
      case EnlargedImage image -> enlarged(region, image);
      case Dots dots -> dots(region, dots);
      case PaintedZone zone ->
          new Trial(new Zone(region.area().getArea()), List.of(), Optional.empty());
    };
  }

  private static Trial row(Face face, StencilDesign stencil, List<LayReading> alreadyLaid) {
    Proposal proposal = Proposal.of(face, stencil, alreadyLaid).orElseThrow();
    if (!(proposal.answer() instanceof LayAnswer.Options options)) {
      return new Trial(new NoRow(proposal.answer()), List.of(), Optional.empty());
    }
    LayOption best = options.best();
    List<Placed> placed =
        best.items().stream().map(i -> new Placed(i.box().around(), i.at().turnDeg())).toList();
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
    if (moulding.form() != Moulding.Form.LENGTHS) {
      boolean pair = moulding.form() == Moulding.Form.HANDED_PAIR;
      return single(region, moulding, new Need(StockUnit.PIECES, pair ? 2 : 1));
    }
    double round = region.area().getBoundary().getLength();
    return new Trial(new AllRound(round), List.of(), Optional.of(new Need(StockUnit.MM, round)));
  }

  private static Trial casting(FreeRegion region, Mould mould) {
    Standpoint stand =
        Standpoint.of(region, mould.printWidthMm(), mould.printHeightMm(), mould.direction());
    Verdict verdict =
        stand instanceof Standpoint.At at
            ? new Casting(
                at.centred(), mould.volumeMl() * (1 + Takes.CASTING_LOSS), mould.batchMinutes())
            : verdict(stand);
    return new Trial(verdict, tried(stand), Optional.empty());
  }

  private static Trial napkin(FreeRegion region, Napkin napkin) {
    Standpoint one =
        Standpoint.of(region, napkin.printWidthMm(), napkin.printHeightMm(), napkin.direction());
    if (one instanceof Standpoint.At at) {
      return new Trial(
          new Fits(at.centred(), at.placed().turnDeg() != 0),
          List.of(at.placed()),
          Optional.of(new Need(StockUnit.SHEETS, 1)));
    }
    List<Placed> panels =
        Cover.withSheets(
            region,
            napkin.printWidthMm(),
            napkin.printHeightMm(),
            OVERLAP_MM,
            napkin.direction().liesSideways());
    int sheets = Math.ceilDiv(panels.size(), napkin.quarters());
    return new Trial(new Covers(sheets), panels, Optional.of(new Need(StockUnit.SHEETS, sheets)));
  }

  private static Trial paper(FreeRegion region, Paper paper) {
    if (paper.rollMm().isPresent()) {
      return strips(region, paper.printWidthMm(), OVERLAP_MM, 1);
    }
    List<Placed> panels =
        Cover.withSheets(
            region,
            paper.printWidthMm(),
            paper.printHeightMm(),
            OVERLAP_MM,
            paper.direction().liesSideways());
    return new Trial(
        new Covers(panels.size()), panels, Optional.of(new Need(StockUnit.SHEETS, panels.size())));
  }

  private static Trial strips(FreeRegion region, double widthMm, double overlapMm, int layers) {
    if (overlapMm >= widthMm) {
      throw new RefusedInput("Overlap", overlapMm + " mm", "is as wide as the strip", "less");
    }
    List<Placed> strips = Cover.withStrips(region, widthMm, overlapMm);
    return new Trial(
        new Strips(strips.size(), layers),
        strips,
        Optional.of(new Need(StockUnit.MM, layers * Cover.lengthMm(strips))));
  }

  private static Trial texture(FreeRegion region, Texture texture) {
    List<Placed> strips = Cover.withStrips(region, texture.printWidthMm(), 0);
    double ml = region.area().getArea() * texture.pasteMm() / 1000 * (1 + Takes.PASTE_LOSS);
    return new Trial(
        new Pasted(strips.size(), Cover.lengthMm(strips) / texture.turnMm(), ml),
        strips,
        Optional.empty());
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

  /** Rows half a pitch over, so that dots stand as far apart as the pitch every way. */
  private static Trial dots(FreeRegion region, Dots dots) {
    double pitch = dots.diameterMm() + dots.gapMm();
    double row = pitch * Math.sqrt(3) / 2;
    List<Placed> placed = new ArrayList<>();
    Geometry area = region.area();
    if (area.getArea() / (pitch * row) <= MOST_DOTS) {
      boolean over = false;
      for (double y = pitch / 2; y < region.heightMm(); y += row) {
        for (double x = over ? pitch : pitch / 2; x < region.widthMm(); x += pitch) {
          Box dot = Box.around(new Point(x, y), dots.diameterMm(), dots.diameterMm());
          if (region.holds(dot)) {
            placed.add(new Placed(dot, 0));
          }
        }
        over = !over;
      }
    }
    return new Trial(new Dotted(placed.size()), placed, Optional.empty());
  }
}
