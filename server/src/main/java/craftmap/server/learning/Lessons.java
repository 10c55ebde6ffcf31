package craftmap.server.learning;

import craftmap.core.log.Learned;
import craftmap.core.log.Observation;
import craftmap.core.log.Topic;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * All that was seen and decided in a studio. What a plan went by when it was begun follows from it:
 * nothing has to be kept for each piece, and it is the same on every server.
 *
 * @param seen in the order in which it happened
 * @param decided in the order in which it was
 */
record Lessons(List<Seen> seen, List<Decided> decided) {
  /** What somebody decided about a figure. */
  record Decided(Topic topic, Choice choice, Instant at) {}

  Lessons {
    seen = List.copyOf(seen);
    decided = List.copyOf(decided);
  }

  /**
   * How things stand with a figure.
   *
   * @param resetAt what happened until then counts no more; none where all of it counts
   */
  record Standing(boolean on, Optional<Instant> resetAt) {
    static final Standing USUAL = new Standing(true, Optional.empty());

    Standing after(Decided decided) {
      return switch (decided.choice()) {
        case ON -> new Standing(true, resetAt);
        case OFF -> new Standing(false, resetAt);
        case RESET -> new Standing(on, Optional.of(decided.at()));
        case RESTORED -> new Standing(on, Optional.empty());
      };
    }

    boolean counts(Seen seen) {
      return resetAt.map(r -> seen.happened().isAfter(r)).orElse(true);
    }
  }

  /** By what was decided before a time; by all of it where none is given. */
  Map<Topic, Standing> standing(Optional<Instant> before) {
    Map<Topic, Standing> standing = new HashMap<>();
    for (Decided each : decided) {
      if (before.map(b -> each.at().isBefore(b)).orElse(true)) {
        standing.put(each.topic(), standing.getOrDefault(each.topic(), Standing.USUAL).after(each));
      }
    }
    return standing;
  }

  /**
   * What plans go by.
   *
   * @param begun when the plan was begun, and kept its figures from; none of one that is not
   */
  Learned learned(Optional<Instant> begun) {
    Map<Topic, Standing> standing = standing(begun);
    Set<Topic> off = new HashSet<>();
    standing.forEach(
        (topic, s) -> {
          if (!s.on()) {
            off.add(topic);
          }
        });
    return counted(standing, begun).without(off);
  }

  /** The same with what is switched off. */
  Learned all() {
    return counted(standing(Optional.empty()), Optional.empty());
  }

  private Learned counted(Map<Topic, Standing> standing, Optional<Instant> before) {
    List<Observation> counted = new ArrayList<>();
    for (Seen each : seen) {
      if (before.map(b -> each.happened().isBefore(b)).orElse(true)
          && standing.getOrDefault(each.what().topic(), Standing.USUAL).counts(each)) {
        counted.add(each.what());
      }
    }
    return Learned.from(counted);
  }
}
