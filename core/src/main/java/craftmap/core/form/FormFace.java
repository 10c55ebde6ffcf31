package craftmap.core.form;

import craftmap.core.plane.Point;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Relief;
import craftmap.core.surface.outline.Outline;
import java.util.Optional;

/**
 * A face as the form gives it.
 *
 * @param id stable within the form, so that marks and lays stay with their face when sizes change
 * @param group what it is drawn together with on the net
 * @param at where it begins within its group, or on the face it is set into
 * @param setInto the face it is an inset of
 * @param comesOff the part it belongs to that comes off the piece
 * @param marks what comes with the form: knobs, hand holds, mitres
 * @param away seldom worked on, so not shown until asked for
 */
public record FormFace(
    String id,
    String name,
    Outline outline,
    String group,
    Point at,
    Pose pose,
    Optional<String> setInto,
    Optional<String> comesOff,
    Marks marks,
    double edgeDepthMm,
    Relief relief,
    boolean away) {

  static FormFace of(String id, String name, Outline outline, Pose pose) {
    return new FormFace(
        id,
        name,
        outline,
        id,
        new Point(0, 0),
        pose,
        Optional.empty(),
        Optional.empty(),
        Marks.NONE,
        0,
        Relief.FLAT,
        false);
  }

  FormFace in(String otherGroup, double xMm, double yMm) {
    return new FormFace(
        id,
        name,
        outline,
        otherGroup,
        new Point(xMm, yMm),
        pose,
        setInto,
        comesOff,
        marks,
        edgeDepthMm,
        relief,
        away);
  }

  FormFace setInto(FormFace parent, double xMm, double yMm) {
    return new FormFace(
        id,
        name,
        outline,
        parent.group,
        new Point(xMm, yMm),
        pose,
        Optional.of(parent.id),
        comesOff,
        marks,
        edgeDepthMm,
        relief,
        away);
  }

  FormFace comesOffAs(String part) {
    return new FormFace(
        id,
        name,
        outline,
        group,
        at,
        pose,
        setInto,
        Optional.of(part),
        marks,
        edgeDepthMm,
        relief,
        away);
  }

  FormFace with(Marks more) {
    return new FormFace(
        id,
        name,
        outline,
        group,
        at,
        pose,
        setInto,
        comesOff,
        marks.and(more),
        edgeDepthMm,
        relief,
        away);
  }

  FormFace withEdge(double depthMm) {
    return new FormFace(
        id, name, outline, group, at, pose, setInto, comesOff, marks, depthMm, relief, away);
  }

  FormFace panelled() {
    return new FormFace(
        id,
        name,
        outline,
        group,
        at,
        pose,
        setInto,
        comesOff,
        marks,
        edgeDepthMm,
        Relief.PANELLED,
        away);
  }

  FormFace putAway() {
    return new FormFace(
        id, name, outline, group, at, pose, setInto, comesOff, marks, edgeDepthMm, relief, true);
  }
}
