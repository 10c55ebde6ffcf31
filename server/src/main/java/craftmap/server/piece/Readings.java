package craftmap.server.piece;

import craftmap.core.coats.GroupReading;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.log.Learned;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.LayAnswers;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.Shelf;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.coats.GroupAnswers;
import craftmap.core.plan.reading.PlanReader;
import craftmap.core.plan.reading.PlanReading;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Recent;
import craftmap.server.changes.WorkedOut;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * What plans came to lately: the map, the route and Gather ask for the same ones. A reading follows
 * from the plan, the tape, and the shelf as its stamp tells it; one that misses something from the
 * shelf is not kept.
 */
final class Readings {
  /** More than are looked at for what is left to do in a studio, one after the other. */
  private static final int MOST = 64;

  /** Copies of designs in all that was offered for lays: some hundred bytes each. */
  private static final int MOST_COPIES = 400_000;

  /** The same of designs that are only tried. */
  private static final int MOST_COPIES_TRIED = 150_000;

  /**
   * The same in all readings that are kept. Those of one piece have most of theirs in common, so it
   * is counted higher than it is.
   */
  private static final int MOST_COPIES_READ = 1_500_000;

  /** Groups of coats, each with what it was asked by: those of a hundred pieces and more. */
  private static final int MOST_GROUPS = 512;

  /** What a reading follows from. */
  record Question(
      String studioId, TapeDivision tape, Changes.Stamp shelf, Learned learned, Plan plan) {}

  private final WorkedOut<Question, PlanReading> lays =
      new WorkedOut<>(MOST_COPIES_READ, Readings::copiesIn);

  private final WorkedOut<Question, CoatsReading> coats = new WorkedOut<>(MOST);

  /** What single lays came to, whatever else of their plans was changed since. */
  private final Recent<LayAnswers.Asked, LayAnswer> answers = new Recent<>(MOST_COPIES);

  /**
   * What designs came to that were tried: sixty at a time, which must not push out what is laid.
   */
  private final Recent<LayAnswers.Asked, LayAnswer> tried = new Recent<>(MOST_COPIES_TRIED);

  /** What groups came to, whatever else of their plans was changed since. */
  private final WorkedOut<GroupAnswers.Asked, GroupReading> groups = new WorkedOut<>(MOST_GROUPS);

  /** A reader that works out what is not known yet. */
  PlanReader reader(Shelf shelf, TapeDivision tape) {
    return new PlanReader(shelf, tape, this::answer);
  }

  /** What a rule answers to a lay. */
  LayAnswer answer(LayAnswers.Asked asked, Supplier<LayAnswer> work) {
    return kept(answers, tried, asked, work);
  }

  /** The same to a design that is only tried; where that was laid already, it is known. */
  LayAnswer tried(LayAnswers.Asked asked, Supplier<LayAnswer> work) {
    return kept(tried, answers, asked, work);
  }

  /** Not under a lock of the cache: while one is worked out, others are asked for. */
  private static LayAnswer kept(
      Recent<LayAnswers.Asked, LayAnswer> here,
      Recent<LayAnswers.Asked, LayAnswer> there,
      LayAnswers.Asked asked,
      Supplier<LayAnswer> work) {
    Optional<LayAnswer> known = here.get(asked);
    if (known.isPresent()) {
      return known.get();
    }
    LayAnswer answer = there.get(asked).orElseGet(work);
    here.put(asked, answer, copiesOffered(answer));
    return answer;
  }

  /** What a group comes to. */
  GroupReading group(GroupAnswers.Asked asked, Supplier<GroupReading> work) {
    return groups.of(asked, work);
  }

  private static int copiesOffered(LayAnswer answer) {
    return answer instanceof LayAnswer.Options options ? 1 + copies(options.ranked()) : 1;
  }

  private static int copies(List<LayOption> offered) {
    return offered.stream().mapToInt(o -> o.items().size()).sum();
  }

  /** The smallest count as if nothing larger were kept: there are never more of them than that. */
  private static int copiesIn(PlanReading reading) {
    int copies = 0;
    for (LayReading lay : reading.lays()) {
      copies += lay instanceof LayReading.Laid laid ? copies(laid.options()) : 0;
    }
    return Math.max(MOST_COPIES_READ / MOST, copies);
  }

  PlanReading of(Question question, Supplier<PlanReading> work) {
    PlanReading reading = lays.of(question, work);
    if (reading.lays().stream().anyMatch(LayReading.Missing.class::isInstance)) {
      lays.forget(question);
    }
    return reading;
  }

  /** Of the coats, whose stamp tells the levels of all pots too. */
  CoatsReading coats(Question question, Supplier<CoatsReading> work) {
    return coats.of(question, work);
  }
}
