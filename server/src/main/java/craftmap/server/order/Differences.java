package craftmap.server.order;

import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Says by how much something done otherwise would differ; none where nobody would notice. */
final class Differences {
  /** What is less than this is no more than what sticks to the brush. */
  private static final double A_DROP_ML = 0.5;

  private Differences() {}

  static boolean isMoreThanADrop(double ml) {
    return Math.abs(ml) > A_DROP_ML;
  }

  static Optional<String> work(long minutes) {
    return say(
        minutes, "whatif.lessWork", "whatif.moreWork", Clockwork.span((int) Math.abs(minutes)));
  }

  static Optional<String> volume(double ml) {
    return say(
        isMoreThanADrop(ml) ? Math.signum(ml) : 0,
        "whatif.less",
        "whatif.more",
        Words.millilitres(Math.abs(ml)));
  }

  /**
   * Whether more or less goes wrong.
   *
   * @param found how many findings more
   */
  static Optional<String> risk(int found) {
    return say(found, "whatif.safer", "whatif.riskier", "");
  }

  private static Optional<String> say(double more, String less, String greater, String by) {
    return more == 0 ? Optional.empty() : Optional.of(Words.say(more < 0 ? less : greater, by));
  }

  static List<String> all(long minutes, double ml, int found) {
    return Stream.of(work(minutes), volume(ml), risk(found)).flatMap(Optional::stream).toList();
  }
}
