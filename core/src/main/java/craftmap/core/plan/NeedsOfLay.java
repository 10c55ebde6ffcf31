package craftmap.core.plan;

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
import craftmap.core.log.Learned;
import craftmap.core.medium.PotLabel;
import craftmap.core.surface.Face;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Works out what a lay takes, over all its faces. */
final class NeedsOfLay {
  /** Plaster in gauze takes up about a third of a litre of water a square metre. */
  private static final double WATER_ML_PER_MM2 = 350e-6;

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
      Optional<PotLabel> pot,
      Optional<StencilPasses> passes,
      Optional<FilmRoll> film,
      double maskingMm,
      Learned learned) {
    List<Item> items = onFaces.stream().flatMap(List::stream).toList();
    List<Need> needs = new ArrayList<>();
    Optional<Need> wet = OutOfPot.of(lay, design, chosen, face, onFaces, pot, learned);
    wet.filter(w -> !(w instanceof Need.Coated)).ifPresent(needs::add);
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
    // what holds it down is told behind what it holds
    wet.filter(Need.Coated.class::isInstance).ifPresent(needs::add);
    if (design instanceof PlasterFabric fabric && length > 0) {
      needs.add(new Need.Water(length * fabric.widthMm() * WATER_ML_PER_MM2));
    }
    CutFromFilm.of(items).need(film).ifPresent(needs::add);
    if (maskingMm > 0) {
      needs.add(new Need.Tape(maskingMm));
    }
    needs.add(HandsOn.of(lay, design, chosen, items, passes, learned));
    return new Needs(needs);
  }

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
          FilmRoll _,
          EnlargedImage _,
          Dots _,
          PaintedZone _ ->
          0;
    };
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
}
