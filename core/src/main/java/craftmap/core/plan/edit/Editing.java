package craftmap.core.plan.edit;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.design.Design;
import craftmap.core.design.PutOn;
import craftmap.core.measure.RefusedInput;
import craftmap.core.medium.PotLabel;
import craftmap.core.medium.Role;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.Shelf;
import craftmap.core.plan.reading.PlanReader;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.surface.Face;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * What edits need beyond the plan.
 *
 * @param whole what a plan comes to, which may be known already
 * @param pots the pots at hand, the likeliest first; asked for only where something is laid
 * @param ids gives an id that was never given before
 */
public record Editing(
    Shelf shelf,
    PlanReader reader,
    Function<Plan, PlanReading> whole,
    Supplier<List<String>> pots,
    Supplier<String> ids,
    Names names) {
  /** Where nothing is known yet. */
  public Editing(
      Shelf shelf,
      PlanReader reader,
      Supplier<List<String>> pots,
      Supplier<String> ids,
      Names names) {
    this(shelf, reader, reader::read, pots, ids, names);
  }

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

  /** The design of a lay as it is laid; none for words. */
  Optional<Design> laidAs(Lay lay) {
    return lay.designId().map(this::design).map(lay.pieces()::laidAs);
  }

  /** What else lies on a face. */
  List<LayReading> beside(Lay lay, Face face, Plan plan) {
    return laid(face, plan).stream().filter(r -> !r.lay().id().equals(lay.id())).toList();
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

  /**
   * What a design is put on with: the pot that is used as nothing else is better, of paints one
   * that shows on this ground; none where none at hand will do.
   */
  Lay.Pot potFor(PutOn on, Face face) {
    Optional<String> pot =
        on.roles().stream()
            .flatMap(role -> atHand(role).stream().filter(p -> !on.shows() || shows(p, face)))
            .findFirst()
            .or(() -> on.roles().stream().flatMap(role -> atHand(role).stream()).findFirst())
            .map(PotLabel::id);
    return new Lay.Pot(pot, on.coats());
  }

  private List<PotLabel> atHand(Role role) {
    return pots.get().stream()
        .flatMap(id -> shelf.pot(id).stream())
        .filter(p -> p.isUsedAs(role))
        .sorted(Comparator.comparing(p -> p.role() != role))
        .toList();
  }

  private static boolean shows(PotLabel pot, Face face) {
    return Math.abs(pot.colour().luminance() - face.ground().luminance()) > SHOWS_FROM;
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
