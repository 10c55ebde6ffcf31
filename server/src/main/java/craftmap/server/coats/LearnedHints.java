package craftmap.server.coats;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.Where;
import craftmap.core.log.Effort;
import craftmap.core.log.Learned;
import craftmap.core.log.Topic;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Need;
import craftmap.server.learning.LearnedWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What of the figures of a plan was learned, in words. */
public final class LearnedHints {
  private LearnedHints() {}

  /** What of its figures was learned, and from how often. */
  public static List<String> of(BandReading b, Learned learned) {
    List<String> hints = new ArrayList<>();
    b.effort().ifPresent(e -> hint(e.skill().topic(), e.planned(), learned).ifPresent(hints::add));
    if (b.band() instanceof Band.Coat coat) {
      String id = coat.of().medium().id();
      b.sum()
          .filter(s -> !(coat.where() instanceof Where.Poured))
          .flatMap(
              s ->
                  hint(
                      Topic.spread(id, coat.goesWith()),
                      s.spreadM2PerLitre() / (1 + s.loss()),
                      learned))
          .ifPresent(hints::add);
      if (coat.isOpaque()) {
        hint(Topic.hides(id), coat.of().medium().coverage().hides(), learned).ifPresent(hints::add);
      }
      hint(Topic.dries(id), learned.estimate(Topic.dries(id), 1).value(), learned)
          .ifPresent(hints::add);
    }
    return hints;
  }

  private static Optional<String> hint(Topic topic, double value, Learned learned) {
    return Optional.of(learned.count(topic))
        .filter(n -> n > 0)
        .map(n -> LearnedWords.hint(topic, value, n));
  }

  /** Of a lay: how fast it is got ready and laid. */
  public static List<String> of(LayReading.Laid laid, Learned learned) {
    List<String> hints = new ArrayList<>();
    laid.takes()
        .find(Need.HandsOn.class)
        .ifPresent(
            h -> {
              for (Effort effort : List.of(h.before(), h.onIt())) {
                if (effort.amount() > 0) {
                  hint(effort.skill().topic(), effort.planned(), learned).ifPresent(hints::add);
                }
              }
            });
    return hints;
  }
}
