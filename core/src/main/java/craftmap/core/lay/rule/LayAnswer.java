package craftmap.core.lay.rule;

import craftmap.core.measure.RefusedInput;
import java.util.List;

/** What a rule answers: options to choose from, or the reason why there are none. */
public sealed interface LayAnswer {
  /** At least one option, best first. */
  record Options(List<LayOption> ranked) implements LayAnswer {
    public Options {
      ranked = List.copyOf(ranked);
      if (ranked.isEmpty()) {
        throw new IllegalStateException("impossible state: options without an option");
      }
    }

    public LayOption best() {
      return ranked.getFirst();
    }
  }

  /** The motif is longer than the ring goes round. */
  record TooLong(double byMm) implements LayAnswer {}

  /** Nothing can be laid by this rule. */
  record NoRoom(Reason reason) implements LayAnswer {}

  /** What the lay asks for is not accepted, or its design or face has become so that it is not. */
  record Refused(RefusedInput why) implements LayAnswer {}

  /** Why nothing can be laid. */
  enum Reason {
    /** The ends of the line have passed each other, or the line is nowhere on the face. */
    NO_LINE,
    /** Neighbours would lie on each other. */
    OVERLAP,
    /** The face has no corners. */
    NO_CORNERS,
    /** Everything is kept out. */
    NOTHING_FREE,
    /** The rule goes round a rolled-up wall, and this face is none. */
    NOT_ROLLED_UP,
    /** No words are given. */
    NO_WORDS,
    /** More copies than anyone lays. */
    TOO_MANY,
    /** The print repeats over more than a sheet less its overlap. */
    REPEAT_TOO_LARGE,
    /** Not all pieces find room. */
    DOES_NOT_HOLD_ALL
  }

  /** The options, ranked; or the reason, when there are none. */
  static LayAnswer of(List<LayOption> options, Reason otherwise) {
    return options.isEmpty() ? new NoRoom(otherwise) : new Options(Ranking.rank(options));
  }
}
