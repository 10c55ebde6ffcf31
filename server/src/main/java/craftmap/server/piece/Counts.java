package craftmap.server.piece;

import craftmap.core.lay.rule.RunRow;
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
    return passes == 1 ? Words.say("passes.one") : Words.say("passes.many", passes);
  }

  static String washes(int washes) {
    return washes == 1 ? Words.say("washes.one") : Words.say("washes.many", washes);
  }

  static String coats(int coats) {
    return coats == 1 ? Words.say("coats.one") : Words.say("coats.many", coats);
  }
}
