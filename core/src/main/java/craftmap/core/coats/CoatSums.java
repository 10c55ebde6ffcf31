package craftmap.core.coats;

import craftmap.core.colour.Covering;
import craftmap.core.colour.Lab;
import craftmap.core.measure.Times;
import craftmap.core.medium.Coating;
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

  CoatSums(GroupSurface surface) {
    this.surface = surface;
  }

  List<BandReading> of(BuildUp buildUp) {
    List<BandReading> readings = new ArrayList<>();
    Lab seen = surface.now().lab();
    boolean drinks = surface.drinks();
    for (Band band : buildUp.bands()) {
      switch (band) {
        case Band.Step step -> readings.add(step(step, seen));
        case Band.OfLay lay -> readings.add(lay(lay, seen));
        case Band.Coat coat -> {
          readings.add(coat(coat, seen, drinks));
          if (coat.where().tintsAll()) {
            seen = after(coat, seen, coat.times());
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
        coat, under, shades, Optional.of(sum), volumeMl(sum), Times.ofMinutes(minutes(coat)), 0, 0);
  }

  /** The first coat soaks into bare wood. */
  BandReading.Sum sum(Band.Coat coat, boolean drinks) {
    double first = drinks ? Coating.FIRST_ON_BARE_WOOD : 1;
    return new BandReading.Sum(
        surface.areaMm2(),
        coat.where().share(surface.areaMm2(), surface.extent().edgeMm()),
        first,
        coat.times(),
        coat.of().medium().coverage().spreadM2PerLitre(),
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
    double m2 = surface.areaMm2() / 1e6 * whereWorked(coat.where());
    double once = Pace.SET_UP_MINUTES + m2 / coat.tool().coversM2PerMin();
    double sanding = coat.grit().isPresent() ? (coat.times() - 1) * m2 / Pace.SAND_M2_PER_MIN : 0;
    return once * coat.times() + sanding;
  }

  /** What is wiped back was put on everywhere, and then wiped. */
  private double whereWorked(Where where) {
    return where instanceof Where.WipedBack
        ? 2
        : where.share(surface.areaMm2(), surface.extent().edgeMm());
  }

  private static BandReading lay(Band.OfLay lay, Lab under) {
    return new BandReading(
        lay, under, List.of(), Optional.empty(), lay.lay().ml(), lay.lay().handsOn(), 0, 0);
  }

  private BandReading step(Band.Step step, Lab under) {
    double m2 = surface.areaMm2() / 1e6;
    double ml =
        switch (step.kind()) {
          case CLEAN, WAX_OFF, STRIP ->
              step.passes()
                  * 1000
                  * m2
                  / step.of().orElseThrow().medium().coverage().spreadM2PerLitre();
          case FILL -> surface.fillMl();
          case TEST_FOR_LEAD, SAND, DUST_OFF, MASK -> 0;
        };
    double minutes =
        switch (step.kind()) {
          case TEST_FOR_LEAD -> Pace.TEST_MINUTES;
          case WAX_OFF -> step.passes() * m2 / Pace.WASH_M2_PER_MIN;
          case STRIP -> step.passes() * m2 / Pace.STRIP_M2_PER_MIN;
          case CLEAN -> Pace.WASHED_AND_RINSED * m2 / Pace.WASH_M2_PER_MIN;
          case FILL -> Pace.FILL_MINUTES * surface.hollows().size();
          case SAND -> step.grits().size() * m2 / Pace.SAND_M2_PER_MIN;
          case DUST_OFF -> m2 / Pace.DUST_M2_PER_MIN;
          case MASK -> surface.extent().maskMm() / Pace.TAPE_MM_PER_MIN;
        };
    return new BandReading(
        step,
        under,
        List.of(),
        Optional.empty(),
        ml,
        Times.ofMinutes(minutes),
        step.kind() == StepKind.SAND ? step.grits().size() * m2 / Pace.M2_PER_SHEET : 0,
        step.kind() == StepKind.MASK ? surface.extent().maskMm() : 0);
  }

  /** As many of a coat as hide what is under it. */
  static OptionalInt coatsToHide(Band.Coat coat, Lab under) {
    return covering(coat).coatsToHide(under, Coating.MOST_COATS);
  }
}
