package craftmap.core.plan.coats;

import craftmap.core.coats.Band;
import craftmap.core.coats.GroupReading;
import craftmap.core.design.CutOut;
import craftmap.core.design.Design;
import craftmap.core.design.FoilRoll;
import craftmap.core.design.Mould;
import craftmap.core.design.Moulding;
import craftmap.core.design.Napkin;
import craftmap.core.design.Paper;
import craftmap.core.design.Rights;
import craftmap.core.design.Transfer;
import craftmap.core.form.FormKind;
import craftmap.core.medium.Medium;
import craftmap.core.medium.Role;
import craftmap.core.medium.WaterResistance;
import craftmap.core.plan.Plan;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.surface.Exposure;
import java.time.Duration;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * How a finished piece wants to be treated by whoever has it: as its outermost coats ask, and what
 * lies under them.
 *
 * @param advice in the order in which it is told
 * @param cured how long the slowest of its coats takes to be as hard as its label promises, at the
 *     climate labels speak of
 */
public record Care(List<Advice> advice, Duration cured) {
  private static final Set<FormKind> HOLD_THINGS =
      EnumSet.of(FormKind.TRAY, FormKind.BOX, FormKind.JAR, FormKind.BOTTLE, FormKind.JUG);

  /** What is told of a piece. */
  public enum Advice {
    /** Until it is cured. */
    REST,
    /** Sealed all over: a damp cloth does no harm. */
    DAMP_CLOTH,
    /** Some of it is not sealed: dust only. */
    DRY_CLOTH,
    /** Waxed: a new coat of wax every year. */
    WAX_AGAIN,
    /** What water stands on goes white, or lifts. */
    NO_STANDING_WATER,
    NO_HOT_CUPS,
    /** It was not made for rain. */
    INDOORS,
    OUT_OF_THE_SUN,
    /** Never next to food that is not wrapped; not for the dishwasher. */
    NOT_FOR_FOOD,
    /** Paper lies under the varnish. */
    PAPER,
    /** Leaf and foil are thinner than a breath. */
    FOIL,
    /** It stands out: no lifting by it. */
    RELIEF,
    /** Its designs may not be copied. */
    DESIGNS_PROTECTED
  }

  public Care {
    advice = List.copyOf(advice);
  }

  /**
   * Of a piece.
   *
   * @param rights what the makers of its designs allow
   */
  public static Care of(Plan plan, PlanReading reading, CoatsReading coats, Set<Rights> rights) {
    Set<Advice> all = EnumSet.noneOf(Advice.class);
    List<GroupReading> coated = coats.groups().stream().filter(g -> g.coats() > 0).toList();
    Duration cured =
        coated.stream()
            .flatMap(g -> g.buildUp().coats())
            .map(c -> c.of().medium().drying().cure())
            .max(Comparator.naturalOrder())
            .orElse(Duration.ZERO);
    if (cured.isPositive()) {
      all.add(Advice.REST);
    }
    List<Medium> outermost = coated.stream().flatMap(g -> outermost(g).stream()).toList();
    if (!outermost.isEmpty()) {
      surface(outermost, all);
    }
    exposure(plan, reading, all);
    reading.led().forEach(l -> design(l.design(), all));
    if (rights.stream().anyMatch(r -> !r.allowsSale())) {
      all.add(Advice.DESIGNS_PROTECTED);
    }
    return new Care(List.copyOf(all), cured);
  }

  /** What one touches: the last coat that goes all over. */
  private static Optional<Medium> outermost(GroupReading group) {
    return group.buildUp().coats().toList().reversed().stream()
        .filter(c -> c.where().tintsAll())
        .map(Band.Coat::of)
        .map(p -> p.medium())
        .findFirst();
  }

  private static void surface(List<Medium> outermost, Set<Advice> all) {
    boolean waxed =
        outermost.stream()
            .anyMatch(m -> m.kind().role() == Role.WAX || m.kind().role() == Role.METALLIC_WAX);
    boolean open = outermost.stream().anyMatch(m -> m.wear().needsSeal());
    boolean bearsWater =
        outermost.stream().allMatch(m -> m.wear().water().compareTo(WaterResistance.SPLASH) >= 0);
    all.add(open || waxed ? Advice.DRY_CLOTH : Advice.DAMP_CLOTH);
    if (waxed) {
      all.add(Advice.WAX_AGAIN);
    }
    if (open || waxed || !bearsWater) {
      all.add(Advice.NO_STANDING_WATER);
    }
    all.add(Advice.NO_HOT_CUPS);
  }

  private static void exposure(Plan plan, PlanReading reading, Set<Advice> all) {
    Set<Exposure> bears = EnumSet.noneOf(Exposure.class);
    reading.faces().forEach(f -> bears.addAll(f.face().exposure()));
    if (!bears.contains(Exposure.WET)) {
      all.add(Advice.INDOORS);
    }
    if (!bears.contains(Exposure.SUN)) {
      all.add(Advice.OUT_OF_THE_SUN);
    }
    if (bears.contains(Exposure.FOOD_NEAR) || HOLD_THINGS.contains(plan.form().kind())) {
      all.add(Advice.NOT_FOR_FOOD);
    }
  }

  private static void design(Design design, Set<Advice> all) {
    if (design instanceof Napkin
        || design instanceof Paper
        || design instanceof CutOut
        || design instanceof Transfer) {
      all.add(Advice.PAPER);
    } else if (design instanceof FoilRoll) {
      all.add(Advice.FOIL);
    } else if (design instanceof Mould || design instanceof Moulding) {
      all.add(Advice.RELIEF);
    }
  }
}
