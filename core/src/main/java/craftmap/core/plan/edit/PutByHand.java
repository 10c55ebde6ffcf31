package craftmap.core.plan.edit;

import craftmap.core.lay.rule.Pick;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.Way;
import craftmap.core.measure.YesNo;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import java.util.Map;
import java.util.Optional;

/**
 * What it means for a lay that measures are typed: a place that is typed is laid as one that it was
 * dragged to, and what is only said to be put by hand lies where it lay.
 */
record PutByHand(Map<String, Double> measures, Map<String, String> choices) {
  private static final String BY_HAND = "placed";
  private static final Map<String, String> PUT = Map.of(BY_HAND, YesNo.YES.name());

  /** The rule with what was typed. */
  RuleNote answered(Lay lay) {
    RuleNote rule = lay.work().rule().with(measures, choices);
    boolean put =
        typedAPlace() && !choices.containsKey(BY_HAND) && rule.kind().byHand().isPresent();
    return put ? rule.with(Map.of(), PUT) : rule;
  }

  /** The lay by that rule; what is put by hand is what is laid. */
  Lay picked(Lay lay, RuleNote answered) {
    Lay.Work work = lay.work().ruled(answered);
    Optional<Way> byHand = answered.kind().byHand();
    boolean touched = typedAPlace() || choices.containsKey(BY_HAND);
    if (byHand.isEmpty() || !touched) {
      return lay.with(work);
    }
    Optional<Pick> picked =
        isByHand(answered)
            ? Optional.of(new Pick(byHand.get(), 1, 1))
            : work.pick().filter(p -> p.way() != byHand.get());
    return lay.with(work.picked(picked));
  }

  /** Whether it is put by hand with this, and was not before. */
  boolean takesHold(Lay before) {
    boolean hasAPlace =
        before.work().rule().kind().byHand().filter(Way.Alone.STAND_PLACED::equals).isPresent();
    return hasAPlace && !isByHand(before.work().rule()) && isByHand(answered(before));
  }

  /** The same with the place of its middle written down, as far as it lies anywhere. */
  static Lay whereItLies(Lay lay, Plan plan, Editing editing) {
    return editing
        .reader()
        .of(lay, plan, lay.faceId())
        .filter(LayReading.Laid.class::isInstance)
        .flatMap(r -> ((LayReading.Laid) r).items().stream().findFirst())
        .map(
            item ->
                lay.work()
                    .rule()
                    .with(Map.of("x", item.centre().xMm(), "y", item.centre().yMm()), Map.of()))
        .map(rule -> lay.with(lay.work().ruled(rule)))
        .orElse(lay);
  }

  private boolean typedAPlace() {
    return measures.containsKey("x") || measures.containsKey("y");
  }

  private static boolean isByHand(RuleNote rule) {
    return YesNo.YES.name().equals(rule.choices().get(BY_HAND));
  }
}
