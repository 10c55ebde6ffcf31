package craftmap.core.plan.order;

import craftmap.core.form.Pose;
import craftmap.core.form.Vec;
import craftmap.core.order.work.Apart;
import craftmap.core.order.work.Dry;
import craftmap.core.plan.PlanFace;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Which steps the piece may not lie for at once. What is poured has to lie level until it is firm.
 * For that the face looks up: the face that looks down meanwhile can neither be worked on nor be
 * soft, no other face of the same part can lie level, and where the piece has to be turned for it,
 * what is glued on its other faces has to hold first.
 */
final class Turning {
  /** Faces this near to looking the same way do, or to looking away from each other. */
  private static final double NEARLY = 0.95;

  /**
   * How a step has the piece lie.
   *
   * @param faces those it is done to
   * @param level whether they have to lie level
   * @param glued whether it leaves something that slides off while its glue is wet
   * @param firm what has to pass until they may be lain on
   */
  record Lies(String stepId, Set<String> faces, boolean level, boolean glued, Optional<Dry> firm) {}

  private final Map<String, Vec> looks = new HashMap<>();
  private final Map<String, String> part = new HashMap<>();

  private Turning(List<PlanFace> faces) {
    for (PlanFace place : faces) {
      place
          .pose()
          .filter(Pose.Flat.class::isInstance)
          .map(Pose.Flat.class::cast)
          .ifPresent(p -> looks.put(place.face().id(), p.outwards()));
      part.put(place.face().id(), place.comesOff().orElse(""));
    }
  }

  static List<Apart> of(List<PlanFace> faces, List<Lies> steps) {
    Turning turning = new Turning(faces);
    List<Apart> all = new ArrayList<>();
    for (int i = 0; i < steps.size(); i++) {
      for (int j = i + 1; j < steps.size(); j++) {
        Lies one = steps.get(i);
        Lies other = steps.get(j);
        if (turning.asks(one, other) || turning.asks(other, one)) {
          all.add(new Apart(one.stepId(), other.stepId(), one.firm(), other.firm()));
        }
      }
    }
    return all;
  }

  /** Whether one that has to lie level cannot with the other. */
  private boolean asks(Lies level, Lies other) {
    if (!level.level()) {
      return false;
    }
    for (String up : level.faces()) {
      for (String face : other.faces()) {
        if (looks.containsKey(up) && looks.containsKey(face) && isInItsWay(up, face, other)) {
          return true;
        }
      }
    }
    return false;
  }

  private boolean isInItsWay(String up, String face, Lies other) {
    if (up.equals(face) || !part.get(up).equals(part.get(face))) {
      return false;
    }
    double alike = looks.get(up).dot(looks.get(face));
    boolean liesOnIt = alike < -NEARLY;
    boolean liesOtherwise = other.level() && alike < NEARLY;
    boolean turned = part.get(up).isEmpty() && looks.get(up).dot(Vec.UP) < NEARLY;
    return liesOnIt || liesOtherwise || turned && other.glued() && alike < NEARLY;
  }
}
