package craftmap.core.plan.order;

import craftmap.core.coats.Pace;
import craftmap.core.design.Design;
import craftmap.core.design.FoilRoll;
import craftmap.core.design.Moulding;
import craftmap.core.design.StencilDesign;
import craftmap.core.measure.Times;
import craftmap.core.medium.Medium;
import craftmap.core.medium.Role;
import craftmap.core.order.work.ContactBatches;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.Dry;
import craftmap.core.plan.Need;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Part of a lay that is done in one go, and what has passed since the part before it. */
record Stretch(Doing doing, Duration time, Optional<Dry> atLeast, Optional<Dry> atMost) {
  /** What is put on from a pot is wet after it; what dried before it was laid is not. */
  static boolean leavesWet(Design design) {
    return !(design instanceof FoilRoll)
        && !(design instanceof Moulding m
            && m.flexibility().glue() == Moulding.Glue.CONTACT_ADHESIVE);
  }

  /**
   * How a stencil goes over its places.
   *
   * @param places how often it is laid down
   * @param dry whether the sheet stays on each of them until it is touch-dry
   */
  record Through(int places, boolean dry) {
    /** Put on in one go. */
    static final Through AT_ONCE = new Through(1, false);

    /** Paste dries to the sheet, and tears when that comes off late. */
    static boolean mayDry(Medium medium) {
      return !medium.kind().isUsedAs(Role.PASTE);
    }

    /** How often it is done in each coat, with drying between. */
    int rounds() {
      return dry ? places : 1;
    }

    /**
     * What a stretch is called: by its coat where a coat is one stretch, by its coat and place
     * where it is not. So what is done keeps its meaning, whatever is added or done another way.
     *
     * @param n which stretch it is, from 0
     */
    String name(Doing doing, int n) {
      if (!dry) {
        return "" + (n + 1);
      }
      return doing == Doing.LIFT ? "lift" : n / places + 1 + "." + (n % places + 1);
    }

    /**
     * In which way something was begun.
     *
     * @param lay what its steps begin with
     * @param done what is done
     * @return none where it was not begun
     */
    static Optional<Boolean> begunDry(String lay, Set<String> done) {
      return done.stream()
          .filter(key -> key.startsWith(lay))
          .map(key -> key.substring(lay.length()))
          .filter(name -> Character.isDigit(name.charAt(0)))
          .sorted()
          .map(name -> name.indexOf('.') > 0)
          .findFirst();
    }
  }

  /** Those of a lay, in their order. */
  static List<Stretch> of(
      Design design, int coats, Through through, Need.HandsOn hands, Optional<Medium> wet) {
    if (hands.sizing().isPositive()) {
      return sized(design, hands, wet);
    }
    List<Stretch> all = new ArrayList<>();
    int times = design instanceof StencilDesign ? coats * through.rounds() : 1;
    for (int n = 0; n < times; n++) {
      all.add(
          new Stretch(
              Doing.LAY,
              hands.there().dividedBy(times),
              n == 0 ? Optional.empty() : wet.map(Waits::touch),
              Optional.empty()));
    }
    if (through.dry()) {
      all.add(
          new Stretch(
              Doing.LIFT,
              Times.ofMinutes(Pace.LIFT_MINUTES),
              wet.map(Waits::touch),
              Optional.empty()));
    }
    return all;
  }

  /**
   * Brushed on, and laid into it while it is tacky: all pieces of a batch are brushed first and
   * laid in the same order, so that the first of them waits the longest. Foil is laid in one go.
   */
  private static List<Stretch> sized(Design design, Need.HandsOn hands, Optional<Medium> wet) {
    Optional<Dry> window = wet.flatMap(Waits::tacky);
    if (window.isEmpty()) {
      return List.of(
          new Stretch(Doing.SIZE, hands.sizing(), Optional.empty(), Optional.empty()),
          new Stretch(Doing.LAY, hands.there(), wet.map(Waits::tack), Optional.empty()));
    }
    int pieces =
        design instanceof Moulding
            ? Math.max(
                1, (int) Math.round(Times.minutes(hands.sizing()) / Pace.COAT_A_PIECE_MINUTES))
            : 1;
    Dry tack = Waits.tack(wet.get());
    Optional<ContactBatches> fits =
        ContactBatches.of(
            pieces,
            hands.sizing().dividedBy(pieces),
            hands.there().dividedBy(pieces),
            tack.label(),
            window.get().label());
    // where not even one is in time, the schedule says that it does not go
    int batches = fits.map(b -> b.sizes().size()).orElse(pieces);
    Dry atLeast = fits.map(b -> tack.lasting(b.pause())).orElse(tack);
    Dry atMost = fits.map(b -> window.get().lasting(b.atMost())).orElse(window.get());
    List<Stretch> all = new ArrayList<>();
    for (int b = 0; b < batches; b++) {
      all.add(
          new Stretch(
              Doing.SIZE, hands.sizing().dividedBy(batches), Optional.empty(), Optional.empty()));
      all.add(
          new Stretch(
              Doing.LAY,
              hands.there().dividedBy(batches),
              Optional.of(atLeast),
              Optional.of(atMost)));
    }
    return all;
  }
}
