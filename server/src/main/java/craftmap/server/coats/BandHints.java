package craftmap.server.coats;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.Batches;
import craftmap.core.coats.Where;
import craftmap.core.coats.Working;
import craftmap.core.measure.Decimals;
import craftmap.core.medium.Drying;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;

/** How a band is worked, in words: batches, sections that stay wet, rounds with the torch. */
public final class BandHints {
  private BandHints() {}

  static List<String> of(BandReading b) {
    List<String> hints = new ArrayList<>(working(b));
    if (b.band() instanceof Band.Coat coat && coat.waterShare() > 0) {
      hints.add(Words.say("hint.water", Words.millilitres(b.ml() * coat.waterShare())));
    }
    return hints;
  }

  /** The same without what all its coats take together. */
  public static List<String> working(BandReading b) {
    List<String> hints = new ArrayList<>();
    b.working().batches().ifPresent(m -> hints.add(batches(m)));
    b.working()
        .wet()
        .ifPresent(
            w ->
                hints.add(
                    Words.say(
                        "hint.wet",
                        Words.time(w.openTime()),
                        Words.squareMetres(w.staysMm2()),
                        Words.squareMetres(w.areaMm2()),
                        w.sections())));
    if (b.band() instanceof Band.Coat coat) {
      if (coat.where() instanceof Where.Blended && coat.times() > 1) {
        hints.add(Words.say("hint.blend", coat.times() - 1));
      }
      if (coat.where() instanceof Where.Poured) {
        Drying dries = coat.of().medium().drying();
        hints.add(
            Words.say("hint.pour", Working.TORCHED, Working.TORCHED_FROM, Working.TORCHED_TO));
        hints.add(Words.say("hint.pour.dry", Words.time(Working.DRY_BEFORE_A_POUR)));
        hints.add(
            dries
                .recoatTo()
                .map(
                    to ->
                        Words.say(
                            "hint.pour.window", Words.time(dries.recoatFrom()), Words.time(to)))
                .orElseGet(() -> Words.say("hint.pour.after", Words.time(dries.recoatFrom()))));
      }
      if (coat.grit().isPresent() && coat.times() > 1) {
        hints.add(Words.say("hint.turns", coat.times(), coat.grit().getAsInt()));
      }
    }
    return hints;
  }

  private static String batches(Batches m) {
    String of = Words.millilitres(m.eachMl());
    return m.parts()
        .map(
            p ->
                Words.say(
                    "hint.mixed." + p.by(),
                    m.count(),
                    of,
                    Decimals.show(p.partA(), 2),
                    Decimals.show(p.partB(), 2),
                    Words.time(m.potLife())))
        .orElseGet(() -> Words.say("hint.batches", m.count(), of, Words.time(m.potLife())));
  }
}
