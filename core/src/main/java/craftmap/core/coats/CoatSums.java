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
  /** Getting out and cleaning what a coat is put on with. */
  private static final double SET_UP_MINUTES = 5;

  private static final double WASH_M2_PER_MIN = 0.12;
  private static final double WASHED_AND_RINSED = 3;
  private static final double SAND_M2_PER_MIN = 0.08;
  private static final double STRIP_M2_PER_MIN = 0.03;
  private static final double FILL_MINUTES = 2;
  private static final double TEST_MINUTES = 5;
  private static final double TAPE_MM_PER_MIN = 600;
  private static final double DUST_M2_PER_MIN = 0.5;

  /** A quarter sheet of paper is done after this much of a face. */
  private static final double M2_PER_SHEET = 0.6;

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
        case Band.Step step -> readings.add(step(step));
        case Band.OfLay lay -> readings.add(lay(lay));
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
        coat, shades, Optional.of(sum), volumeMl(sum), Times.ofMinutes(minutes(coat)), 0, 0);
  }

  /** The first coat soaks into bare wood, more into the edges of boards. */
  private BandReading.Sum sum(Band.Coat coat, boolean drinks) {
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
    double once = SET_UP_MINUTES + m2 / coat.tool().coversM2PerMin();
    double sanding = coat.grit().isPresent() ? (coat.times() - 1) * m2 / SAND_M2_PER_MIN : 0;
    return once * coat.times() + sanding;
  }

  /** What is wiped back was put on everywhere, and then wiped. */
  private double whereWorked(Where where) {
    return where instanceof Where.WipedBack
        ? 2
        : where.share(surface.areaMm2(), surface.extent().edgeMm());
  }

  private BandReading lay(Band.OfLay lay) {
    return new BandReading(
        lay, List.of(), Optional.empty(), lay.lay().ml(), lay.lay().handsOn(), 0, 0);
  }

  private BandReading step(Band.Step step) {
    double m2 = surface.areaMm2() / 1e6;
    double ml =
        switch (step.kind()) {
          case CLEAN, WAX_OFF, STRIP ->
              step.passes()
                  * 1000
                  * m2
                  / CoatShelf.typical(step.kind().uses().orElseThrow())
                      .medium()
                      .coverage()
                      .spreadM2PerLitre();
          case FILL -> surface.fillMl();
          case TEST_FOR_LEAD, SAND, DUST_OFF, MASK -> 0;
        };
    double minutes =
        switch (step.kind()) {
          case TEST_FOR_LEAD -> TEST_MINUTES;
          case WAX_OFF -> step.passes() * m2 / WASH_M2_PER_MIN;
          case STRIP -> step.passes() * m2 / STRIP_M2_PER_MIN;
          case CLEAN -> WASHED_AND_RINSED * m2 / WASH_M2_PER_MIN;
          case FILL -> FILL_MINUTES * surface.hollows().size();
          case SAND -> step.grits().size() * m2 / SAND_M2_PER_MIN;
          case DUST_OFF -> m2 / DUST_M2_PER_MIN;
          case MASK -> surface.extent().maskMm() / TAPE_MM_PER_MIN;
        };
    return new BandReading(
        step,
        List.of(),
        Optional.empty(),
        ml,
        Times.ofMinutes(minutes),
        step.kind() == StepKind.SAND ? step.grits().size() * m2 / M2_PER_SHEET : 0,
        step.kind() == StepKind.MASK ? surface.extent().maskMm() : 0);
  }

  static OptionalInt coatsToHide(InHand paint, Lab under) {
    return Covering.of(paint.medium().coverage().colour(), paint.medium().coverage().hides())
        .coatsToHide(under, Coating.MOST_COATS);
  }
}
