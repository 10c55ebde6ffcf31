package craftmap.core.plan.edit;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.colour.Colour;
import craftmap.core.measure.Figure;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Found;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plane.Point;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Face;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Relief;
import craftmap.core.surface.outline.OtherShape;
import craftmap.core.surface.outline.OutlineKind;
import craftmap.core.surface.outline.OutlineNote;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** What is done to a face. */
public sealed interface FaceEdit extends PlanEdit {
  String faceId();

  /** Edits that change what was found on a face, and nothing else. */
  sealed interface OfFound extends FaceEdit {
    Found to(Found found, Face face);

    Told told(Found before, Face face);

    @Override
    default Edited to(Plan plan, Editing editing) {
      Face face = Editing.face(plan, faceId()).face();
      return new Edited(
          plan.with(faceId(), to(plan.foundOn(faceId()), face)),
          told(plan.foundOn(faceId()), face),
          Edited.Focus.on(faceId()));
    }
  }

  record Name(String faceId, String name) implements OfFound {
    private static final int LONGEST = 60;

    public Name {
      if (name == null || name.isBlank() || name.length() > LONGEST) {
        throw new RefusedInput(
            "name-of-the-face",
            name == null || name.isBlank()
                ? said("empty")
                : said("shortened", given(name.substring(0, 20))),
            said("is-not-a-name"),
            said("1-to-characters", given(LONGEST)));
      }
    }

    @Override
    public Found to(Found found, Face face) {
      return found.named(name);
    }

    @Override
    public Told told(Found before, Face face) {
      return Told.of(Told.Code.NAMED_FACE, face.name(), name);
    }
  }

  record ChangeMakeUp(String faceId, MakeUp makeUp) implements OfFound {
    @Override
    public Found to(Found found, Face face) {
      return found.with(found.surface().of(makeUp));
    }

    @Override
    public Told told(Found before, Face face) {
      return Told.of(Told.Code.MAKE_UP, face.name());
    }
  }

  record ChangeFinish(String faceId, Finish finish) implements OfFound {
    @Override
    public Found to(Found found, Face face) {
      return found.with(found.surface().with(finish));
    }

    @Override
    public Told told(Found before, Face face) {
      return Told.of(Told.Code.FINISH, face.name());
    }
  }

  record ChangeGround(String faceId, Colour ground) implements OfFound {
    /** What a face shall look like is one decision: its coats follow. */
    @Override
    public Edited to(Plan plan, Editing editing) {
      Edited edited = OfFound.super.to(plan, editing);
      Plan other = edited.plan();
      return new Edited(
          other.with(other.coats().withOtherGround(faceId)), edited.told(), edited.focus());
    }

    @Override
    public Found to(Found found, Face face) {
      return found.with(found.surface().on(ground));
    }

    @Override
    public Told told(Found before, Face face) {
      return Told.of(Told.Code.GROUND, face.name());
    }
  }

  /** The colour it has before anything is put on; none for what is usual of its make-up. */
  record ChangeColourNow(String faceId, Optional<Colour> now) implements OfFound {
    @Override
    public Found to(Found found, Face face) {
      return found.with(found.surface().being(now));
    }

    @Override
    public Told told(Found before, Face face) {
      return Told.of(Told.Code.COLOUR_NOW, face.name());
    }
  }

  record ChangeExposure(String faceId, Set<Exposure> exposure) implements OfFound {
    public ChangeExposure {
      exposure = Set.copyOf(exposure);
    }

    @Override
    public Found to(Found found, Face face) {
      return found.with(found.surface().bearing(exposure));
    }

    @Override
    public Told told(Found before, Face face) {
      return Told.of(Told.Code.EXPOSURE, face.name());
    }
  }

  record EdgeDepth(String faceId, double edgeDepthMm) implements OfFound {
    @Override
    public Found to(Found found, Face face) {
      Found.Shape now = found.shape();
      return found.with(
          new Found.Shape(now.outline(), OptionalDouble.of(edgeDepthMm), now.relief()));
    }

    @Override
    public Told told(Found before, Face face) {
      return Told.of(Told.Code.EDGE_DEPTH, face.name());
    }
  }

  record ChangeRelief(String faceId, Relief relief) implements OfFound {
    @Override
    public Found to(Found found, Face face) {
      Found.Shape now = found.shape();
      return found.with(new Found.Shape(now.outline(), now.edgeDepthMm(), Optional.of(relief)));
    }

    @Override
    public Told told(Found before, Face face) {
      return Told.of(Told.Code.RELIEF, face.name());
    }
  }

  /** Measures and choices of the outline that were taken; the others stay. */
  record Tape(String faceId, Map<String, Double> measures, Map<String, String> choices)
      implements OfFound {
    /** A check taped as nothing was not taped. */
    private static final String CHECK = "check";

    public Tape {
      measures = Map.copyOf(measures);
      choices = Map.copyOf(choices);
    }

    @Override
    public Found to(Found found, Face face) {
      OutlineNote note = answered(found, face);
      boolean noCheck = measures.getOrDefault(CHECK, 1.0) == 0;
      return found.with(found.shape().with(noCheck ? note.without(CHECK) : note));
    }

    @Override
    public Told told(Found before, Face face) {
      return Told.of(
          Told.Code.OUTLINE,
          face.name(),
          Answers.labels(answered(before, face).entries(), measures, choices));
    }

    /** What was not taped follows from what was: only that is written down. */
    private OutlineNote answered(Found found, Face face) {
      return found.shape().outline().orElse(face.outline().note()).with(measures, choices);
    }
  }

  /** The corners of an outline through points. */
  record Corners(String faceId, List<Point> points) implements OfFound {
    public Corners {
      points = List.copyOf(points);
    }

    @Override
    public Found to(Found found, Face face) {
      OutlineNote now = found.shape().outline().orElse(face.outline().note());
      return found.with(found.shape().with(now.through(points)));
    }

    @Override
    public Told told(Found before, Face face) {
      return Told.of(Told.Code.OUTLINE_POINTS, face.name());
    }
  }

  /** An outline of another kind in the box of the one there is. */
  record Reshape(String faceId, OutlineKind outline) implements OfFound {
    @Override
    public Found to(Found found, Face face) {
      return found.with(found.shape().with(OtherShape.asLargeAs(face.outline(), outline)));
    }

    @Override
    public Told told(Found before, Face face) {
      return Told.of(Told.Code.RESHAPED, face.name());
    }
  }

  /** Whether it is on the map. */
  record Show(String faceId, boolean shown) implements OfFound {
    @Override
    public Found to(Found found, Face face) {
      return found.with(found.belonging().shown(shown));
    }

    @Override
    public Told told(Found before, Face face) {
      return Told.of(shown ? Told.Code.SHOWN : Told.Code.LEFT_OUT, face.name());
    }
  }

  /** Whether it is a part that comes off. */
  record ComeOff(String faceId, boolean comesOff) implements OfFound {
    @Override
    public Found to(Found found, Face face) {
      return found.with(found.belonging().comesOff(comesOff));
    }

    @Override
    public Told told(Found before, Face face) {
      return Told.of(comesOff ? Told.Code.COMES_OFF : Told.Code.STAYS_ON, face.name());
    }
  }

  /**
   * An added face is set into another, or stands alone again.
   *
   * @param place where it begins on that face; none for where it lies on its middle
   */
  record SetInto(String faceId, Optional<String> otherId, Optional<Point> place)
      implements FaceEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      PlanFace face = Editing.face(plan, faceId);
      if (!face.added()) {
        throw refused(face, "is-where-the-form-has-it", said("a-face-that-was-added"));
      }
      otherId.ifPresent(
          id -> {
            PlanFace other = Editing.face(plan, id);
            boolean holdsOthers =
                plan.faces().stream().anyMatch(p -> p.setInto().filter(faceId::equals).isPresent());
            if (id.equals(faceId) || holdsOthers || other.added() && isSetIn(other)) {
              throw refused(other, "cannot-hold-it", said("a-face-that-is-not-set-into-another"));
            }
          });
      place.ifPresent(
          at -> {
            LengthRange.PLACE.check("from-the-left", at.xMm());
            LengthRange.PLACE.check("from-the-top", at.yMm());
          });
      Optional<Found.SetInto> into =
          otherId.map(
              id ->
                  new Found.SetInto(
                      id, place.orElseGet(() -> middle(Editing.face(plan, id), face))));
      Found found = plan.foundOn(faceId);
      return new Edited(
          plan.with(faceId, found.with(found.belonging().setInto(into))),
          into.map(i -> Editing.face(plan, i.faceId()).face().name())
              .map(name -> Told.of(Told.Code.SET_INTO, face.face().name(), name))
              .orElseGet(() -> Told.of(Told.Code.STANDS_ALONE, face.face().name())),
          Edited.Focus.on(faceId));
    }

    private static Point middle(PlanFace other, PlanFace own) {
      return new Point(
          (other.face().outline().widthMm() - own.face().outline().widthMm()) / 2,
          (other.face().outline().heightMm() - own.face().outline().heightMm()) / 2);
    }

    private static boolean isSetIn(PlanFace face) {
      return face.setInto().isPresent();
    }

    private static RefusedInput refused(PlanFace face, String why, Figure accepted) {
      return new RefusedInput("face", given(face.face().name()), said(why), accepted);
    }
  }

  /** The same face once more; damage is not copied, it is where it is. */
  record Duplicate(String faceId, String id) implements FaceEdit {
    @Override
    public boolean takesOver(Subject subject) {
      return subject.isOnFace(faceId) || subject.kind() == Subject.Kind.MEASURE;
    }

    @Override
    public Edited to(Plan plan, Editing editing) {
      Face face = Editing.face(plan, faceId).face();
      refuseTaken(plan, id);
      Found copy =
          new Found(
              Optional.of(editing.names().copyOf(face.name())),
              new Found.Shape(
                  Optional.of(face.outline().note()),
                  OptionalDouble.of(face.edgeDepthMm()),
                  Optional.of(face.relief())),
              new Found.Surface(face.makeUp(), face.finish(), face.ground(), face.exposure()),
              new Found.Belonging(
                  Optional.of(true),
                  plan.foundOn(faceId).belonging().comesOff(),
                  Found.Standing.ADDED,
                  Optional.empty()),
              true,
              face.marks().withoutBlemishes().renamed(old -> editing.ids().get()));
      return new Edited(
          plan.with(id, copy),
          Told.of(Told.Code.DUPLICATED_FACE, face.name()),
          Edited.Focus.on(id));
    }
  }

  /** A face by itself, of an outline with typical measures. */
  record Add(String id, OutlineKind outline) implements FaceEdit {
    @Override
    public String faceId() {
      return id;
    }

    @Override
    public Edited to(Plan plan, Editing editing) {
      refuseTaken(plan, id);
      int number =
          1
              + (int)
                  plan.found().values().stream()
                      .filter(f -> f.standing() == Found.Standing.ADDED)
                      .count();
      String name = editing.names().face(number);
      Found fresh =
          Found.nothing()
              .named(name)
              .with(Found.Shape.of(OtherShape.typical(outline)))
              .with(Found.Belonging.OF_THE_FORM.standing(Found.Standing.ADDED));
      return new Edited(
          plan.with(id, fresh), Told.of(Told.Code.ADDED_FACE, name), Edited.Focus.on(id));
    }
  }

  /** One of the form's is kept in mind and can be brought back; one that was added is gone. */
  record TakeOff(String faceId) implements FaceEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      PlanFace face = Editing.face(plan, faceId);
      String next =
          plan.faces().stream()
              .map(f -> f.face().id())
              .filter(f -> !f.equals(faceId))
              .findFirst()
              .orElseThrow(
                  () ->
                      new RefusedInput(
                          "face",
                          given(face.face().name()),
                          said("is-the-last-one"),
                          said("at-least-one-face")));
      Plan left =
          face.added() ? plan.without(faceId) : standing(plan, faceId, Found.Standing.REMOVED);
      return new Edited(
          left, Told.of(Told.Code.TOOK_FACE_OFF, face.face().name()), Edited.Focus.on(next));
    }
  }

  record BringBack(String faceId) implements FaceEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      if (plan.foundOn(faceId).standing() != Found.Standing.REMOVED) {
        throw new RefusedInput(
            "face", given(faceId), said("was-not-taken-off"), said("one-that-was"));
      }
      Plan back = standing(plan, faceId, Found.Standing.OF_THE_FORM);
      return new Edited(
          back,
          Told.of(Told.Code.BROUGHT_FACE_BACK, Editing.face(back, faceId).face().name()),
          Edited.Focus.on(faceId));
    }
  }

  private static Plan standing(Plan plan, String faceId, Found.Standing standing) {
    Found found = plan.foundOn(faceId);
    return plan.with(faceId, found.with(found.belonging().standing(standing)));
  }

  private static void refuseTaken(Plan plan, String id) {
    boolean taken =
        plan.found().containsKey(id)
            || plan.formFaces().faces().stream().anyMatch(f -> f.id().equals(id));
    if (taken || id.isBlank()) {
      throw new RefusedInput("face", given(id), said("is-there-already"), said("an-id-of-its-own"));
    }
  }
}
