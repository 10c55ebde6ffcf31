package craftmap.core.plan;

import craftmap.core.coats.Pace;
import craftmap.core.design.CustomCut;
import craftmap.core.design.CutOut;
import craftmap.core.design.Design;
import craftmap.core.design.Dots;
import craftmap.core.design.EnlargedImage;
import craftmap.core.design.FilmRoll;
import craftmap.core.design.FoilRoll;
import craftmap.core.design.Mould;
import craftmap.core.design.Moulding;
import craftmap.core.design.NamedPart;
import craftmap.core.design.Napkin;
import craftmap.core.design.PaintedZone;
import craftmap.core.design.Paper;
import craftmap.core.design.PlasterFabric;
import craftmap.core.design.StencilDesign;
import craftmap.core.design.Texture;
import craftmap.core.design.Transfer;
import craftmap.core.lay.Item;
import craftmap.core.lay.pass.StencilPasses;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.field.RollerStrips;
import craftmap.core.lay.rule.single.PageSet;
import craftmap.core.log.Effort;
import craftmap.core.log.Learned;
import craftmap.core.log.Skill;
import craftmap.core.measure.Times;
import java.util.List;
import java.util.Optional;

/** Typical minutes of work; docs/typical-values.md lists them. */
final class HandsOn {
  private static final double SETTING_OUT = 5;
  private static final double TICK = 0.25;
  private static final double STENCIL_POSITION = 1.5;
  private static final double WASH = 4;
  private static final double FIX_A_PIECE = 4;
  private static final double FILL_A_CAVITY = 2;
  private static final double DOT = 0.1;
  private static final double STRIP_PER_METRE = 2;
  private static final double SPREAD_PER_DM2 = 0.5;
  private static final double CUT_AND_WEED_PER_OUTLINE = 0.6;

  private static final double CUT_A_PART = 3;
  private static final double TEAR_A_PART = 4;
  private static final double CUT_OUT = 2;
  private static final double RUB_ON_PER_DM2 = 1;
  private static final double GLUE_DOWN_PER_DM2 = 0.8;
  private static final double SIZE_PER_DM2 = 0.3;
  private static final double FOIL_STRIP = 2;
  private static final double WET_STRIP = 2;
  private static final double PAGE = 1.5;
  private static final double TRACE_PER_DM2 = 1.5;
  private static final double BLEND_PER_DM2 = 0.5;

  private HandsOn() {}

  private static double dm2(List<Item> items) {
    return items.stream().mapToDouble(i -> i.share() * i.box().areaMm2()).sum() / 10_000;
  }

  /**
   * Of one lay: what is done at a table beforehand, what holds it, and what is done on the piece.
   */
  static Need.HandsOn of(
      Lay lay,
      Design design,
      LayOption chosen,
      List<Item> items,
      Optional<StencilPasses> passes,
      Learned learned) {
    double there = there(lay, design, chosen, items, passes);
    double settingOut = Math.min(there, isSetOut(design) ? SETTING_OUT : 0);
    return new Need.HandsOn(
        effort(Skill.of(Skill.Craft.AHEAD, design.kind()), ahead(lay, design, items), 0, learned),
        Times.ofMinutes(sizing(design, items)),
        effort(Skill.of(Skill.Craft.LAY, design.kind()), there - settingOut, settingOut, learned));
  }

  private static Effort effort(Skill skill, double minutes, double aside, Learned learned) {
    return new Effort(skill, minutes, aside, learned.minutes(skill, 1), 1);
  }

  /** What is traced is set out by its pages; film is laid by what is painted through it. */
  private static boolean isSetOut(Design design) {
    return !(design instanceof EnlargedImage) && !(design instanceof FilmRoll);
  }

  /** Cut, torn, weeded, cast, printed. */
  private static double ahead(Lay lay, Design design, List<Item> items) {
    int n = items.size();
    boolean torn = lay.pieces().part().filter(p -> p.edge() == NamedPart.PartEdge.TORN).isPresent();
    double freed = n * (torn ? TEAR_A_PART : CUT_A_PART);
    return switch (design) {
      case CustomCut cut ->
          n * CUT_AND_WEED_PER_OUTLINE * cut.openings().outline().getNumGeometries();
      case Mould m -> n * FILL_A_CAVITY;
      case Transfer t -> freed;
      case Napkin np -> freed;
      case Paper p -> freed;
      case CutOut c -> n * CUT_OUT;
      case StencilDesign s -> 0;
      case Dots d -> 0;
      case Moulding m -> 0;
      case Texture t -> 0;
      case FoilRoll f -> 0;
      case PlasterFabric f -> 0;
      case FilmRoll f -> 0;
      case EnlargedImage i -> 0;
      case PaintedZone z -> 0;
    };
  }

  /** Brushed on first, and left to become tacky. */
  private static double sizing(Design design, List<Item> items) {
    return switch (design) {
      case FoilRoll f -> SIZE_PER_DM2 * dm2(items);
      case Moulding m when m.flexibility().glue() == Moulding.Glue.CONTACT_ADHESIVE ->
          items.size() * Pace.COAT_A_PIECE_MINUTES;
      case Moulding m -> 0;
      case CustomCut c -> 0;
      case StencilDesign s -> 0;
      case Dots d -> 0;
      case Mould m -> 0;
      case Texture t -> 0;
      case Transfer t -> 0;
      case Napkin np -> 0;
      case Paper p -> 0;
      case CutOut c -> 0;
      case PlasterFabric f -> 0;
      case FilmRoll f -> 0;
      case EnlargedImage i -> 0;
      case PaintedZone z -> 0;
    };
  }

  private static double there(
      Lay lay, Design design, LayOption chosen, List<Item> items, Optional<StencilPasses> passes) {
    int n = items.size();
    double ticks = SETTING_OUT + n * TICK;
    return switch (design) {
      case CustomCut cut -> ticks + n * STENCIL_POSITION * lay.coats();
      case StencilDesign s ->
          ticks
              + n * STENCIL_POSITION * lay.coats()
              + passes.map(p -> p.washes() * lay.coats() * WASH).orElse(0.0);
      case Dots d -> SETTING_OUT + n * DOT * lay.coats();
      case Mould mould -> ticks + n * FIX_A_PIECE;
      case Moulding m -> ticks + n * FIX_A_PIECE - sizing(m, items);
      case Texture t -> {
        double metres =
            chosen.arrangement() instanceof RollerStrips s ? s.lengthMm() / 1000 : n * 0.2;
        yield SETTING_OUT + metres * STRIP_PER_METRE + dm2(items) * SPREAD_PER_DM2;
      }
      case Transfer t -> SETTING_OUT + RUB_ON_PER_DM2 * dm2(items);
      case Napkin np -> SETTING_OUT + GLUE_DOWN_PER_DM2 * dm2(items);
      case Paper p -> SETTING_OUT + GLUE_DOWN_PER_DM2 * dm2(items);
      case CutOut c -> SETTING_OUT + GLUE_DOWN_PER_DM2 * dm2(items);
      case FoilRoll f -> SETTING_OUT + n * FOIL_STRIP;
      case PlasterFabric f -> SETTING_OUT + n * f.layers() * WET_STRIP;
      case FilmRoll f -> 0;
      case EnlargedImage i ->
          (chosen.arrangement() instanceof PageSet set ? set.pages() * PAGE : 0)
              + TRACE_PER_DM2 * dm2(items);
      case PaintedZone z -> SETTING_OUT + BLEND_PER_DM2 * dm2(items) * lay.coats();
    };
  }
}
