package craftmap.core.plan;

import craftmap.core.design.CustomCut;
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
import craftmap.core.design.RaisedStencil;
import craftmap.core.design.StencilDesign;
import craftmap.core.design.StencilRoll;
import craftmap.core.design.Texture;
import craftmap.core.design.Transfer;
import craftmap.core.lay.Item;
import craftmap.core.lay.pass.StencilPasses;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.border.BorderSides;
import craftmap.core.lay.rule.border.CornerSet;
import craftmap.core.lay.rule.border.FrameSides;
import craftmap.core.lay.rule.cover.AcrossFronts;
import craftmap.core.lay.rule.cover.SheetCover;
import craftmap.core.lay.rule.cover.SheetWork;
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
import craftmap.core.measure.Times;
import craftmap.core.medium.Paint;
import craftmap.core.medium.StencilPaint;
import craftmap.core.plane.Planar;
import craftmap.core.surface.Face;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Works out what a lay takes, over all its faces. */
final class NeedsOfLay {
  /** Paint that dries in the brush. */
  private static final double BRUSH_LOSS = 0.05;

  private NeedsOfLay() {}

  /**
   * Over all faces of a lay.
   *
   * @param face the one it was laid on
   * @param onFaces the items on each of its faces
   */
  static Needs of(
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
    List<Need> needs = new ArrayList<>();
    paint
        .flatMap(p -> paint(lay, design, face, p, printed))
        .map(Need.Paint::new)
        .ifPresent(needs::add);
    paste(design, chosen, items, printed).ifPresent(needs::add);
    if (design instanceof Mould mould) {
      needs.add(castings(mould, items.size()));
    }
    int pieces = pieces(design, chosen, items);
    if (pieces > 0) {
      needs.add(new Need.Pieces(pieces));
    }
    double length = length(design, chosen, items);
    if (design instanceof Moulding && chosen.arrangement() instanceof FrameSides f) {
      needs.add(new Need.StockLengths(f.cutting().lengths().size(), length));
    } else if (length > 0) {
      needs.add(new Need.Length(length));
    }
    int sheets = sheets(design, chosen, items);
    if (sheets > 0) {
      int least = chosen.arrangement() instanceof SheetWork w ? w.leastSheets() : 0;
      needs.add(new Need.Sheets(sheets, least));
    }
    if (chosen.arrangement() instanceof PageSet p) {
      needs.add(new Need.Pages(p.pages()));
    }
    double coated = coated(design, chosen, onFaces);
    if (coated > 0) {
      needs.add(
          new Need.Coated(
              design instanceof FoilRoll ? Need.Coated.With.SIZE : Need.Coated.With.ADHESIVE,
              coated));
    }
    double film = film(items);
    if (film > 0) {
      needs.add(new Need.Film(film));
    }
    if (maskingMm > 0) {
      needs.add(new Need.Tape(maskingMm));
    }
    needs.add(new Need.HandsOn(HandsOn.time(lay, design, chosen, items, passes)));
    return new Needs(needs);
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
      case Transfer _, Paper _ -> items.size();
      case StencilDesign _,
          CutOut _,
          FoilRoll _,
          Moulding _,
          Mould _,
          Texture _,
          PlasterFabric _,
          EnlargedImage _,
          Dots _,
          PaintedZone _ ->
          0;
    };
  }

  private static double coated(Design design, LayOption chosen, List<List<Item>> onFaces) {
    if (chosen.arrangement() instanceof RollStrips strips) {
      return strips.sizedMm2();
    }
    return switch (design) {
      case Napkin _, Paper _, CutOut _ -> union(onFaces);
      case StencilDesign _,
          Transfer _,
          FoilRoll _,
          Moulding _,
          Mould _,
          Texture _,
          PlasterFabric _,
          EnlargedImage _,
          Dots _,
          PaintedZone _ ->
          0;
    };
  }

  /** Each spot counted once, however many pieces lie on it, by what is really there of them. */
  private static double union(List<List<Item>> onFaces) {
    return onFaces.stream()
        .filter(items -> !items.isEmpty())
        .mapToDouble(items -> Planar.union(items.stream().map(Item::print).toList()).getArea())
        .sum();
  }

  private static Optional<Need.Paste> paste(
      Design design, LayOption chosen, List<Item> items, double printedMm2) {
    return switch (design) {
      case RaisedStencil raised ->
          Optional.of(
              new Need.Paste(
                  Need.Paste.How.DRAWN_THROUGH_A_STENCIL, printedMm2, raised.thicknessMm()));
      case Texture texture ->
          Optional.of(
              new Need.Paste(
                  Need.Paste.How.SPREAD_AND_EMBOSSED,
                  chosen.arrangement() instanceof RollerStrips strips
                      ? strips.areaMm2()
                      : items.stream().mapToDouble(i -> i.share() * i.box().areaMm2()).sum(),
                  texture.pasteMm()));
      case StencilDesign _,
          Transfer _,
          Napkin _,
          Paper _,
          CutOut _,
          FoilRoll _,
          Moulding _,
          Mould _,
          PlasterFabric _,
          EnlargedImage _,
          Dots _,
          PaintedZone _ ->
          Optional.empty();
    };
  }

  private static Need.Castings castings(Mould mould, int count) {
    return new Need.Castings(
        count, mould.batches(count), Times.ofMinutes(mould.batchMinutes()), mould.volumeMl());
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
    if (design instanceof StencilRoll roll) {
      return Math.ceilDiv(items.size(), roll.usesOnAPiece()) * roll.sheetWidthMm();
    }
    return switch (chosen.arrangement()) {
      case FrameSides frame -> frame.lengthMm();
      case RollerStrips strips -> strips.lengthMm();
      case RollStrips strips -> strips.usedMm();
      case RunRow _,
          RingRows _,
          BorderSides _,
          GridPattern _,
          Stand _,
          CornerSet _,
          Scattering _,
          Wording _,
          AcrossFronts _,
          SheetCover _,
          Wrapping _,
          CollageSet _,
          PageSet _,
          ZoneArea _ ->
          0;
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
