package craftmap.server.piece.view;

import craftmap.core.lay.rule.run.RunRow;
import craftmap.server.words.Words;

/** Short phrases about counts, with their singular. */
final class Counts {
  private Counts() {}

  static String motifs(RunRow row) {
    return row.parts() == 0
        ? Words.say("option.whole", row.wholes())
        : Words.say("option.part", row.wholes(), row.parts());
  }

  static String passes(int passes) {
    return Words.say("passes", passes);
  }

  static String washes(int washes) {
    return Words.say("washes", washes);
  }

  static String coats(int coats) {
    return Words.say("coats", coats);
  }
}
