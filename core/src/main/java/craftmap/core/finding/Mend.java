package craftmap.core.finding;

import craftmap.core.lay.Eye;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.plan.edit.LayEdit;
import craftmap.core.plan.edit.PlanEdit;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** One way to be rid of a finding, as the edits that do it. */
public sealed interface Mend {
  String layId();

  List<PlanEdit> edits();

  /** Another of the options. */
  record OtherOption(String layId, LayOption option) implements Mend {
    @Override
    public List<PlanEdit> edits() {
      return List.of(new LayEdit.PickOption(layId, Optional.of(option.asPick())));
    }
  }

  /** The line at another distance from its edge, by the best option it has there. */
  record MoveLine(String layId, double distanceMm) implements Mend {
    @Override
    public List<PlanEdit> edits() {
      return List.of(
          new LayEdit.Measure(layId, Map.of("distance", distanceMm), Map.of()),
          new LayEdit.PickOption(layId, Optional.empty()));
    }
  }

  /** Letters of another size: their capitals' height, or the width of them all. */
  record LetterSize(String layId, double sizeMm) implements Mend {
    static final String KEY = "size";

    @Override
    public List<PlanEdit> edits() {
      return List.of(new LayEdit.Measure(layId, Map.of(KEY, sizeMm), Map.of()));
    }
  }

  /** No wobble, and no copy put by hand. */
  record MeasuredPlaces(String layId) implements Mend {
    @Override
    public List<PlanEdit> edits() {
      return List.of(new LayEdit.ByEye(layId, Eye.NONE));
    }
  }
}
