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

/** What has to be mixed for a piece before it can be put on: of what is not done yet. */
final class MixesToMake {
  private MixesToMake() {}

  /**
   * For a coat or the castings of a lay.
   *
   * @param coats each of which is mixed for by itself
   */
  record MixFor(Gathering.What what, Recipe recipe, int coats) {}

  static List<MixFor> of(Gathering gathered) {
    List<MixFor> mixes = new ArrayList<>();
    for (Gathering.Need need : gathered.needs()) {
      for (Gathering.Use use : need.uses()) {
        if (!use.isDone()) {
          switch (use.what()) {
            case Gathering.What.OfBand of -> ofBand(of).ifPresent(mixes::add);
            case Gathering.What.OfLay of -> ofLay(of, need.pot().medium()).ifPresent(mixes::add);
          }
        }
      }
    }
    gathered.unowned().forEach(u -> ofBand(u.what()).ifPresent(mixes::add));
    return mixes;
  }

  /** One coat after the other: nothing that sets is kept for the next. */
  private static Optional<MixFor> ofBand(Gathering.What.OfBand of) {
    BandReading band = of.band();
    int coats = band.band() instanceof Band.Coat coat ? coat.times() : 1;
    double water = band.band() instanceof Band.Coat coat ? coat.waterShare() : 0;
    double ml = band.ml() / coats;
    return band.product()
        .map(InHand::medium)
        .flatMap(m -> Recipe.of(m, ml, ml * water, band.handsOn().dividedBy(coats)))
        .map(r -> new MixFor(of, r, coats));
  }

  /** As often as the mould is filled. */
  private static Optional<MixFor> ofLay(Gathering.What.OfLay of, Medium medium) {
    return of.laid()
        .takes()
        .find(Need.Castings.class)
        .flatMap(c -> Recipe.inBatches(medium, of.ml(), c.batches()))
        .map(r -> new MixFor(of, r, 0));
  }
}
