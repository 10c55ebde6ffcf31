package craftmap.core.plan.edit;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.design.Design;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.Shelf;
import craftmap.core.plan.reading.PlanReader;
import craftmap.core.surface.Face;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * What edits need beyond the plan.
 *
 * @param paints the paints at hand, the likeliest first; asked for only where something is painted
 * @param ids gives an id that was never given before
 */
public record Editing(
    Shelf shelf,
    PlanReader reader,
    Supplier<List<String>> paints,
    Supplier<String> ids,
    Names names) {
  /** What is new is called something until the artist calls it otherwise. */
  public interface Names {
    String copyOf(String name);

    String face(int number);

    String mark(MarkEdit.Kind kind, int number);

    /** What a blemish is until it is looked at. */
    String blemish();

    /** What a lay of no design is called: lettering. */
    String words();
  }

  /** Paint whose luminance is nearer to the ground's than this would hardly show. */
  private static final double SHOWS_FROM = 0.2;

  Design design(String id) {
    return shelf
        .design(id)
        .orElseThrow(
            () ->
                new RefusedInput(
                    "design", given(id), said("is-not-on-the-shelf"), said("one-that-is")));
  }

  /** What a lay is called: by its design. */
  String called(Lay lay) {
    return lay.designId().map(this::called).orElse(names.words());
  }

  private String called(String designId) {
    return shelf.design(designId).map(Design::name).orElse(designId);
  }

  List<LayReading> laid(Face face, Plan plan) {
    return reader.on(face.id(), plan);
  }

  /** A paint that shows on this ground. */
  Optional<String> paintFor(Face face) {
    double ground = face.ground().luminance();
    List<String> atHand = paints.get();
    return atHand.stream()
        .filter(
            p ->
                shelf
                    .paint(p)
                    .filter(paint -> Math.abs(paint.colour().luminance() - ground) > SHOWS_FROM)
                    .isPresent())
        .findFirst()
        .or(() -> atHand.stream().findFirst());
  }

  static PlanFace face(Plan plan, String id) {
    return plan.faces().stream()
        .filter(f -> f.face().id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new RefusedInput(
                    "face", given(id), said("is-not-on-this-piece"), said("one-of-its-faces")));
  }

  static Lay lay(Plan plan, String id) {
    return plan.lay(id)
        .orElseThrow(
            () ->
                new RefusedInput(
                    "lay", given(id), said("is-not-in-this-plan"), said("one-of-its-lays")));
  }
}
