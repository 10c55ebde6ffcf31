package craftmap.core.lay.rule;

import craftmap.core.design.AdhesiveStencil;
import craftmap.core.design.CustomCut;
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
import craftmap.core.design.PrintedSheet;
import craftmap.core.design.Printing;
import craftmap.core.design.RaisedStencil;
import craftmap.core.design.Stencil;
import craftmap.core.design.StencilRoll;
import craftmap.core.design.Texture;
import craftmap.core.design.Transfer;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Which rules suit which kinds of design. */
final class Suits {
  private static final List<RuleKind> STENCILS =
      List.of(
          RuleKind.RUN,
          RuleKind.RING,
          RuleKind.BORDER,
          RuleKind.GRID,
          RuleKind.SINGLE,
          RuleKind.CORNERS,
          RuleKind.LINE,
          RuleKind.SCATTER);
  private static final List<RuleKind> PIECES =
      List.of(
          RuleKind.SINGLE,
          RuleKind.CORNERS,
          RuleKind.RUN,
          RuleKind.RING,
          RuleKind.BORDER,
          RuleKind.LINE,
          RuleKind.GRID,
          RuleKind.SCATTER);

  /** A part laid alone is a piece, and may be strewn. */
  private static final List<RuleKind> PARTS =
      List.of(
          RuleKind.SINGLE,
          RuleKind.SCATTER,
          RuleKind.RUN,
          RuleKind.RING,
          RuleKind.CORNERS,
          RuleKind.BORDER,
          RuleKind.LINE,
          RuleKind.GRID);

  private static final List<RuleKind> SHEETS =
      List.of(RuleKind.COVER, RuleKind.ACROSS, RuleKind.WRAP, RuleKind.SINGLE);

  private Suits() {}

  /**
   * What cannot be turned over, turned or scaled is not asked how; a dot looks the same all ways.
   */
  static Set<String> idle(RuleKind rule, Design design) {
    boolean round = design instanceof Dots;
    return switch (rule) {
      case SINGLE -> {
        Set<String> idle = new HashSet<>();
        if (!design.handling().mirrors()) {
          idle.add("mirrored");
        }
        if (!design.handling().turns()) {
          idle.add("angle");
        }
        if (!design.handling().scales()) {
          idle.add("scale");
        }
        yield idle;
      }
      case SCATTER -> round ? Set.of("turning") : Set.of();
      case LINE -> round ? Set.of("stand") : Set.of();
      case RING -> round ? Set.of("look") : Set.of();
      case ACROSS ->
          design instanceof Transfer t && t.joint().isPresent() ? Set.of() : Set.of("laidFrom");
      case COVER -> {
        Set<String> idle = new HashSet<>();
        if (!Printing.canBeginAnywhere(design)) {
          idle.add("meets");
        }
        if (!(design instanceof Napkin n) || n.quarters() == 1) {
          idle.add("unit");
        }
        if (!Printing.hasSlices(design)) {
          idle.add("slice");
        }
        yield idle;
      }
      case WRAP -> {
        Set<String> idle = new HashSet<>();
        if (!(design instanceof Napkin n) || n.quarters() == 1) {
          idle.add("unit");
        }
        if (!Printing.hasSlices(design)) {
          idle.add("slice");
        }
        yield idle;
      }
      case RUN,
          BORDER,
          GRID,
          CORNERS,
          ROLLER,
          FRAME,
          LETTERING,
          COLLAGE,
          STRIPS,
          PAGES,
          WHOLE_FACE ->
          Set.of();
    };
  }

  static List<RuleKind> rules(Design design) {
    return switch (design) {
      case Stencil s -> STENCILS;
      case AdhesiveStencil s -> STENCILS;
      case StencilRoll s -> STENCILS;
      case RaisedStencil s -> STENCILS;
      case CustomCut s -> STENCILS;
      case Moulding m -> m.form() == Moulding.Form.LENGTHS ? List.of(RuleKind.FRAME) : PIECES;
      case Mould m -> PIECES;
      case Texture t ->
          t.tool() == Texture.Tool.STAMP
              ? List.of(RuleKind.GRID, RuleKind.ROLLER, RuleKind.RUN, RuleKind.SINGLE)
              : List.of(RuleKind.ROLLER);
      case Dots d ->
          List.of(
              RuleKind.RING,
              RuleKind.SCATTER,
              RuleKind.GRID,
              RuleKind.RUN,
              RuleKind.BORDER,
              RuleKind.LINE);
      case PrintedSheet s when s.part().isPresent() -> PARTS;
      case Transfer t -> List.of(RuleKind.ACROSS, RuleKind.SINGLE, RuleKind.WRAP);
      case Napkin n -> SHEETS;
      case Paper p -> SHEETS;
      case CutOut c ->
          List.of(RuleKind.COLLAGE, RuleKind.SINGLE, RuleKind.RUN, RuleKind.RING, RuleKind.SCATTER);
      case FoilRoll f -> List.of(RuleKind.STRIPS);
      // other things are cut from it
      case FilmRoll f -> List.of();
      case PlasterFabric f -> List.of(RuleKind.STRIPS);
      case EnlargedImage i -> List.of(RuleKind.PAGES);
      case PaintedZone z -> List.of(RuleKind.WHOLE_FACE);
    };
  }
}
