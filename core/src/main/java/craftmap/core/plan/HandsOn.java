package craftmap.core.plan;

import craftmap.core.design.CustomCut;
import craftmap.core.design.Design;
import craftmap.core.design.Dots;
import craftmap.core.design.Mould;
import craftmap.core.design.Moulding;
import craftmap.core.design.StencilDesign;
import craftmap.core.design.Texture;
import craftmap.core.lay.Item;
import craftmap.core.lay.pass.StencilPasses;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.RollerStrips;
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

  private HandsOn() {}

  static double minutes(
      Lay lay, Design design, LayOption chosen, List<Item> items, Optional<StencilPasses> passes) {
    int n = items.size();
    double ticks = SETTING_OUT + n * TICK;
    return switch (design) {
      case CustomCut cut ->
          ticks
              + n
                  * (CUT_AND_WEED_PER_OUTLINE * cut.openings().outline().getNumGeometries()
                      + STENCIL_POSITION * lay.coats());
      case StencilDesign s ->
          ticks
              + n * STENCIL_POSITION * lay.coats()
              + passes.map(p -> p.washes() * lay.coats() * WASH).orElse(0.0);
      case Dots d -> SETTING_OUT + n * DOT * lay.coats();
      case Mould mould -> ticks + n * FIX_A_PIECE + n * FILL_A_CAVITY;
      case Moulding m -> ticks + n * FIX_A_PIECE;
      case Texture t -> {
        double metres =
            chosen.arrangement() instanceof RollerStrips s ? s.lengthMm() / 1000 : n * 0.2;
        double dm2 = items.stream().mapToDouble(i -> i.share() * i.box().areaMm2()).sum() / 10_000;
        yield SETTING_OUT + metres * STRIP_PER_METRE + dm2 * SPREAD_PER_DM2;
      }
      default -> ticks + n * FIX_A_PIECE;
    };
  }
}
