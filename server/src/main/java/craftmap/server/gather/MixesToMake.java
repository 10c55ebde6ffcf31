package craftmap.server.gather;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.InHand;
import craftmap.core.coats.Recipe;
import craftmap.core.medium.Medium;
import craftmap.core.plan.Need;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What has to be mixed for a piece before it can be put on: of what is not done yet. */
final class MixesToMake {
  private MixesToMake() {}

  /**
   * For a coat or the castings of a lay.
   *
   * @param coats each of which is mixed for by itself
   * @param part which of all its coats these are
   */
  record MixFor(Gathering.What what, Recipe recipe, int coats, Part part) {}

  /** The first coat takes more than the others where the ground drinks. */
  enum Part {
    ALL,
    FIRST,
    LATER
  }

  static List<MixFor> of(Gathering gathered) {
    List<MixFor> mixes = new ArrayList<>();
    for (Gathering.Need need : gathered.needs()) {
      for (Gathering.Use use : need.uses()) {
        if (!use.isDone()) {
          switch (use.what()) {
            case Gathering.What.OfBand of -> mixes.addAll(ofBand(of));
            case Gathering.What.OfMend _ -> {} // told at the bench, where it is mixed
            case Gathering.What.OfLay of -> ofLay(of, need.pot().medium()).ifPresent(mixes::add);
          }
        }
      }
    }
    for (Gathering.Unowned unowned : gathered.unowned()) {
      if (unowned.what() instanceof Gathering.What.OfBand of) {
        mixes.addAll(ofBand(of));
      }
    }
    return mixes;
  }

  /** One coat after the other: nothing that sets is kept for the next. */
  private static List<MixFor> ofBand(Gathering.What.OfBand of) {
    BandReading band = of.band();
    int coats = band.band() instanceof Band.Coat coat ? coat.times() : 1;
    boolean drinks = coats > 1 && band.sum().filter(s -> s.firstCoat() > 1).isPresent();
    return drinks
        ? Stream.of(
                mix(of, band.mlOfCoat(1), coats, 1, Part.FIRST),
                mix(of, band.mlOfCoat(2), coats, coats - 1, Part.LATER))
            .flatMap(Optional::stream)
            .toList()
        : mix(of, band.ml() / coats, coats, coats, Part.ALL).stream().toList();
  }

  private static Optional<MixFor> mix(
      Gathering.What.OfBand of, double ml, int allCoats, int coats, Part part) {
    BandReading band = of.band();
    double water = band.band() instanceof Band.Coat coat ? coat.waterShare() : 0;
    return band.product()
        .map(InHand::medium)
        .flatMap(m -> Recipe.of(m, ml, ml * water, band.handsOn().dividedBy(allCoats)))
        .map(r -> new MixFor(of, r, coats, part));
  }

  /** As often as the mould is filled. */
  private static Optional<MixFor> ofLay(Gathering.What.OfLay of, Medium medium) {
    return of.laid()
        .takes()
        .find(Need.Castings.class)
        .flatMap(c -> Recipe.inBatches(medium, of.ml(), c.batches()))
        .map(r -> new MixFor(of, r, 0, Part.ALL));
  }
}
