package craftmap.core.plan;

import craftmap.core.form.Pose;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Face;
import java.util.Optional;
import java.util.Set;

/**
 * A face of a piece with its places.
 *
 * @param onNet where its box lies on the net; a face that is not shown has none
 * @param pose how it stands on the piece; a face that was added has none
 * @param setInto the face it is an inset of
 * @param at where it begins on that face
 * @param comesOff the part it belongs to that comes off
 * @param given marks that come with the form and follow its measures
 */
public record PlanFace(
    Face face,
    Optional<Box> onNet,
    Optional<Pose> pose,
    Optional<String> setInto,
    Point at,
    Optional<String> comesOff,
    boolean added,
    Set<String> given) {
  public boolean shown() {
    return onNet.isPresent();
  }
}
