package craftmap.core.coats;

import craftmap.core.colour.Covering;
import craftmap.core.colour.Lab;
import craftmap.core.log.Effort;
import craftmap.core.log.Learned;
import craftmap.core.log.Skill;
import craftmap.core.measure.Times;
import craftmap.core.medium.Coating;
import craftmap.core.medium.Medium;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What the bands of a build-up take and what shows after each: V = A x relief x where x (first coat
 * + coats - 1) / spread x (1 + loss), the area told with its relief.
 */
final class CoatSums {
  private final GroupSurface surface;
  private final Learned learned;

  CoatSums(GroupSurface surface, Learned learned) {
    this.surface = surface;
    this.learned = learned;
  }

  List<BandReading> of(BuildUp buildUp) {
    List<BandReading> readings = new ArrayList<>();
    Lab seen = surface.now().lab();
    Lab before = seen;
    Blend blend = new Blend(seen);
    boolean drinks = surface.drinks();
    for (Band band : buildUp.bands()) {
      switch (band) {
        case Band.Step step -> readings.add(step(step, seen, before));
        case Band.OfLay lay -> readings.add(lay(lay, seen));
        case Band.Coat coat when coat.where() instanceof Where.Blended part -> {
          readings.add(coat(coat, blend.under(), drinks));
          before = blend.under();
          blend = blend.with(part, after(coat, blend.under(), coat.times()));
          seen = blend.mean();
        }
        case Band.Coat coat -> {
          // each colour of a blend has drunk already; what lies over all of them does not
          drinks &= blend.isNone();
          readings.add(coat(coat, seen, drinks));
          if (coat.where().tintsAll()) {
            before = coat.hides() > 0 ? seen : before;
            seen = after(coat, seen, coat.times());
            blend = new Blend(seen);
            drinks &= !coat.isFilm();
          }
        }
      }
    }
    return readings;
  }

  static Lab after(Band.Coat coat, Lab under, int times) {
    return covering(coat).over(under, times);
  }

  static Covering covering(Band.Coat coat) {
    return Covering.of(coat.of().medium().coverage().colour(), coat.hides());
  }

  private BandReading coat(Band.Coat coat, Lab under, boolean drinks) {
    List<BandReading.Shade> shades = new ArrayList<>();
    Covering covering = covering(coat);
    for (int n = 1; n <= coat.times(); n++) {
      Lab seen = covering.over(under, n);
      shades.add(new BandReading.Shade(seen.colour(), covering.departs(under, n)));
    }
    BandReading.Sum sum = sum(coat, drinks);
    return new BandReading(
        coat,
        under,
        shades,
        Optional.of(sum),
        volumeMl(sum),
        effort(coat).time(),
        Optional.of(effort(coat)),
        0,
        0,
        working(coat, volumeMl(sum)));
  }

  private Working working(Band.Coat coat, double ml) {
    Medium medium = coat.of().medium();
    double once = workedM2(coat.where()) / coat.tool().coversM2PerMin();
    double each = ml / coat.times();
    return new Working(
        batches(medium, each, each / once).map(b -> b.times(coat.times())), wet(coat));
  }

  private static Optional<Batches> batches(Medium medium, double ml, double mlPerMinute) {
    return medium
        .mixing()
        .potLife()
        .filter(p -> ml > 0)
        .map(p -> Batches.of(ml, mlPerMinute, p, medium.mixing().parts()));
  }

  /** What is wiped back is wiped while it is wet, and a blend worked together; the rest dries. */
  private Optional<Working.Wet> wet(Band.Coat coat) {
    double area =
        switch (coat.where()) {
          case Where.WipedBack _ -> surface.areaMm2();
          case Where.Blended b -> surface.extent().widestMm() * b.bandMm();
          case Where.All _,
              Where.Edges _,
              Where.HighSpots _,
              Where.Recesses _,
              Where.Splatter _,
              Where.Poured _ ->
              0;
        };
    return coat.of()
        .medium()
        .drying()
        .openTime()
        .filter(t -> area > 0)
        .map(t -> new Working.Wet(t, Times.minutes(t) * coat.tool().coversM2PerMin() * 1e6, area));
  }

  /** The first coat soaks into bare wood; what is poured is as thick as it is poured. */
  BandReading.Sum sum(Band.Coat coat, boolean drinks) {
    if (coat.where() instanceof Where.Poured poured) {
      return new BandReading.Sum(
          surface.areaMm2(),
          1 + surface.extent().runsOverMm2() / surface.areaMm2(),
          1,
          coat.times(),
          1 / poured.thicknessMm(),
          coat.tool().loss());
    }
    double first = drinks ? Coating.FIRST_ON_BARE_WOOD : 1;
    return new BandReading.Sum(
        surface.areaMm2(),
        coat.where().share(surface.areaMm2(), surface.extent().edgeMm()),
        first,
        coat.times(),
        learned.spread(
            coat.of().medium().id(),
            coat.goesWith(),
            coat.of().medium().coverage().spreadM2PerLitre(),
            coat.tool().loss()),
        coat.tool().loss());
  }

  static double volumeMl(BandReading.Sum sum) {
    return new Coating(
            sum.areaMm2(),
            sum.times(),
            sum.spreadM2PerLitre(),
            sum.loss(),
            sum.where(),
            sum.firstCoat())
        .volumeMl();
  }

  double minutes(Band.Coat coat) {
    return Times.minutes(effort(coat).time());
  }

  /** All its coats, with what is got out for each and sanded between them aside. */
  private Effort effort(Band.Coat coat) {
    double m2 = workedM2(coat.where());
    double sanding = coat.grit().isPresent() ? (coat.times() - 1) * m2 * sandingMinutesPerM2() : 0;
    return new Effort(
        Skill.of(Skill.Craft.COAT, coat.tool().kind()),
        m2 * coat.times(),
        Pace.SET_UP_MINUTES * coat.times() + sanding,
        1 / coat.tool().coversM2PerMin(),
        1 / coat.tool().untaughtM2PerMin());
  }

  private double sandingMinutesPerM2() {
    return learned.minutes(Skill.of(Skill.Craft.SAND), 1 / Pace.SAND_M2_PER_MIN);
  }

  /** What is wiped back was put on everywhere, and then wiped. */
  private double workedM2(Where where) {
    double share =
        where instanceof Where.WipedBack
            ? 2
            : where.share(surface.areaMm2(), surface.extent().edgeMm());
    return surface.areaMm2() / 1e6 * share;
  }

  private static BandReading lay(Band.OfLay lay, Lab under) {
    return new BandReading(
        lay,
        under,
        List.of(),
        Optional.empty(),
        lay.lay().ml(),
        lay.lay().handsOn(),
        Optional.empty(),
        0,
        0,
        Working.ANYHOW);
  }

  /**
   * A step.
   *
   * @param before what shows under the last coat, and again where it is rubbed off
   */
  private BandReading step(Band.Step step, Lab under, Lab before) {
    double m2 = surface.areaMm2() / 1e6;
    double ml =
        switch (step.kind()) {
          case CLEAN, WAX_OFF, STRIP ->
              step.passes()
                  * 1000
                  * m2
                  / step.of().orElseThrow().medium().coverage().spreadM2PerLitre();
          case FILL -> surface.fillMl();
          case TEST_FOR_LEAD, SAND, DUST_OFF, MASK, RESIST, DISTRESS -> 0;
        };
    Optional<Effort> effort = effort(step, m2);
    double minutes =
        effort
            .map(e -> Times.minutes(e.time()))
            .orElseGet(
                () ->
                    switch (step.kind()) {
                      case TEST_FOR_LEAD -> Pace.TEST_MINUTES;
                      case RESIST -> dressed(step.where(), Pace.RESIST_MM_PER_MIN);
                      case DISTRESS -> dressed(step.where(), Pace.RUB_MM_PER_MIN);
                      case WAX_OFF, STRIP, CLEAN, FILL, SAND, DUST_OFF, MASK -> 0.0;
                    });
    return new BandReading(
        step,
        under,
        step.kind() == StepKind.DISTRESS
            ? List.of(new BandReading.Shade(before.colour(), before.ciede2000From(under)))
            : List.of(),
        Optional.empty(),
        ml,
        Times.ofMinutes(minutes),
        effort,
        switch (step.kind()) {
          case SAND -> step.grits().size() * m2 / Pace.M2_PER_SHEET;
          case DISTRESS -> workedM2(step.where()) / Pace.M2_PER_SHEET;
          case TEST_FOR_LEAD, WAX_OFF, STRIP, CLEAN, FILL, DUST_OFF, MASK, RESIST -> 0;
        },
        step.kind() == StepKind.MASK ? surface.extent().maskMm() : 0,
        minutes > 0
            ? new Working(
                step.of().flatMap(p -> batches(p.medium(), ml, ml / minutes)), Optional.empty())
            : Working.ANYHOW);
  }

  /** What goes by an area, a length or a count; none of what is tested or dressed by eye. */
  private Optional<Effort> effort(Band.Step step, double m2) {
    return switch (step.kind()) {
      case WAX_OFF -> effort(Skill.Craft.WAX_OFF, step.passes() * m2, 1 / Pace.WASH_M2_PER_MIN);
      case STRIP -> effort(Skill.Craft.STRIP, step.passes() * m2, 1 / Pace.STRIP_M2_PER_MIN);
      case CLEAN ->
          effort(Skill.Craft.CLEAN, Pace.WASHED_AND_RINSED * m2, 1 / Pace.WASH_M2_PER_MIN);
      case FILL -> effort(Skill.Craft.FILL, surface.hollows().size(), Pace.FILL_MINUTES);
      case SAND -> effort(Skill.Craft.SAND, step.grits().size() * m2, 1 / Pace.SAND_M2_PER_MIN);
      case DUST_OFF -> effort(Skill.Craft.DUST_OFF, m2, 1 / Pace.DUST_M2_PER_MIN);
      case MASK ->
          effort(Skill.Craft.MASK, surface.extent().maskMm() / 1000, 1000 / Pace.TAPE_MM_PER_MIN);
      case TEST_FOR_LEAD, RESIST, DISTRESS -> Optional.empty();
    };
  }

  private Optional<Effort> effort(Skill.Craft craft, double amount, double typicalMinutes) {
    Skill skill = Skill.of(craft);
    return amount > 0
        ? Optional.of(
            new Effort(skill, amount, 0, learned.minutes(skill, typicalMinutes), typicalMinutes))
        : Optional.empty();
  }

  /** Along edges by their length, else by area as sanding goes. */
  private double dressed(Where where, double mmPerMinute) {
    return where instanceof Where.Edges edges
        ? surface.extent().edgeMm() * edges.part() / mmPerMinute
        : workedM2(where) * sandingMinutesPerM2();
  }

  /** As many of a coat as hide what is under it. */
  static OptionalInt coatsToHide(Band.Coat coat, Lab under) {
    return covering(coat).coatsToHide(under, Coating.MOST_COATS);
  }
}
