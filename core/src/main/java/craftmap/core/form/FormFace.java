package craftmap.core.form;

import craftmap.core.plane.Point;
import craftmap.core.surface.FrontDatum;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Relief;
import craftmap.core.surface.outline.Outline;
import java.util.Optional;

/**
 * A face as the form gives it.
 *
 * @param id stable within the form, so that marks and lays stay with their face when sizes change
 * @param comesOff the part it belongs to that comes off the piece
 * @param away seldom worked on, so not shown until asked for
 */
public record FormFace(
    String id,
    String name,
    Outline outline,
    Place place,
    Optional<String> comesOff,
    Make make,
    boolean away) {
  /**
   * Where it is.
   *
   * @param group what it is drawn together with on the net
   * @param at where it begins within its group, or on the face it is set into
   * @param setInto the face it is an inset of
   */
  public record Place(String group, Point at, Pose pose, Optional<String> setInto) {}

  /**
   * What comes with the form.
   *
   * @param marks knobs, hand holds, mitres
   * @param front where the front of a round thing is on it
   */
  public record Make(Marks marks, double edgeDepthMm, Relief relief, FrontDatum front) {
    static final Make PLAIN = new Make(Marks.NONE, 0, Relief.FLAT, FrontDatum.MIDDLE);
  }

  static FormFace of(String id, String name, Outline outline, Pose pose) {
    Place alone = new Place(id, new Point(0, 0), pose, Optional.empty());
    return new FormFace(id, name, outline, alone, Optional.empty(), Make.PLAIN, false);
  }

  FormFace in(String group, double xMm, double yMm) {
    return at(new Place(group, new Point(xMm, yMm), pose(), setInto()));
  }

  FormFace setInto(FormFace parent, double xMm, double yMm) {
    return at(new Place(parent.group(), new Point(xMm, yMm), pose(), Optional.of(parent.id)));
  }

  FormFace comesOffAs(String part) {
    return new FormFace(id, name, outline, place, Optional.of(part), make, away);
  }

  FormFace with(Marks more) {
    return made(new Make(marks().and(more), edgeDepthMm(), relief(), front()));
  }

  FormFace withEdge(double depthMm) {
    return made(new Make(marks(), depthMm, relief(), front()));
  }

  FormFace panelled() {
    return made(new Make(marks(), edgeDepthMm(), Relief.PANELLED, front()));
  }

  FormFace withFront(FrontDatum front) {
    return made(new Make(marks(), edgeDepthMm(), relief(), front));
  }

  FormFace putAway() {
    return new FormFace(id, name, outline, place, comesOff, make, true);
  }

  private FormFace at(Place other) {
    return new FormFace(id, name, outline, other, comesOff, make, away);
  }

  private FormFace made(Make other) {
    return new FormFace(id, name, outline, place, comesOff, other, away);
  }

  public String group() {
    return place.group();
  }

  public Point at() {
    return place.at();
  }

  public Pose pose() {
    return place.pose();
  }

  public Optional<String> setInto() {
    return place.setInto();
  }

  public Marks marks() {
    return make.marks();
  }

  public double edgeDepthMm() {
    return make.edgeDepthMm();
  }

  public FrontDatum front() {
    return make.front();
  }

  public Relief relief() {
    return make.relief();
  }
}
