package craftmap.core.plan.edit;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Found;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plane.Point;
import craftmap.core.surface.Area;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.Break;
import craftmap.core.surface.Face;
import craftmap.core.surface.Hole;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.Mark;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Zone;
import org.locationtech.jts.geom.Coordinate;

/** What is done to the marks of a face. */
public sealed interface MarkEdit extends PlanEdit {
  /** The kinds of mark. */
  enum Kind {
    KEEP_OUT,
    HOLE,
    BREAK,
    BLEMISH,
    ZONE
  }

  /** The shapes of an area. */
  enum AreaShape {
    UPRIGHT,
    ROUND,
    CORNERS,
    STRIP,
    RIM
  }

  String faceId();

  /** A new mark around a place, with typical measures until its own are taken. */
  record Add(String faceId, String id, Kind kind, Point at) implements MarkEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      Face face = Editing.face(plan, faceId).face();
      Marks own = plan.foundOn(faceId).marks();
      if (id.isBlank() || face.marks().ids().contains(id)) {
        throw new RefusedInput(
            "mark", given(id), said("is-there-already"), said("an-id-of-its-own"));
      }
      int number = 1 + (int) own.all().filter(m -> kindOf(m) == kind).count();
      String name = editing.names().mark(kind, number);
      Mark fresh =
          switch (kind) {
            case KEEP_OUT -> TypicalMarks.keepOut(id, name, at);
            case HOLE -> TypicalMarks.hole(id, name, at);
            case BREAK -> TypicalMarks.joint(id, name, at);
            case BLEMISH ->
                TypicalMarks.blemish(id, nextNumber(plan), editing.names().blemish(), at);
            case ZONE -> TypicalMarks.zone(id, name, at);
          };
      return changed(plan, faceId, own.with(fresh), Told.Code.ADDED_MARK, fresh, face);
    }

    /** One more than the highest on the piece. */
    private static int nextNumber(Plan plan) {
      return 1
          + plan.found().values().stream()
              .flatMap(f -> f.marks().blemishes().stream())
              .mapToInt(Blemish::number)
              .max()
              .orElse(0);
    }
  }

  /** A mark as it is now. One that was taken away meanwhile does not come back by it. */
  record Put(String faceId, Mark mark) implements MarkEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      Face face = Editing.face(plan, faceId).face();
      Marks own = plan.foundOn(faceId).marks();
      Mark now = own(own, mark.id());
      if (kindOf(now) != kindOf(mark)) {
        throw new RefusedInput(
            "mark", given(mark.title()), said("is-of-another-kind"), said("the-kind-it-was"));
      }
      return changed(plan, faceId, own.with(mark), Told.Code.CHANGED_MARK, mark, face);
    }
  }

  /** A keep-out or a zone of another shape, where it is. */
  record Shape(String faceId, String markId, AreaShape shape) implements MarkEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      Face face = Editing.face(plan, faceId).face();
      Marks own = plan.foundOn(faceId).marks();
      Mark now = own(own, markId);
      Mark shaped =
          switch (now) {
            case KeepOut k -> new KeepOut(k.id(), k.name(), shaped(k.area(), face), k.forbids());
            case Zone z -> z.with(shaped(z.area(), face));
            case Hole h -> throw noArea(h);
            case Break b -> throw noArea(b);
            case Blemish b -> throw noArea(b);
          };
      return changed(plan, faceId, own.with(shaped), Told.Code.CHANGED_MARK, shaped, face);
    }

    private Area shaped(Area now, Face face) {
      Coordinate middle = now.on(face.outline()).getEnvelopeInternal().centre();
      return TypicalMarks.area(shape, face.outline(), new Point(middle.x, middle.y));
    }

    private static RefusedInput noArea(Mark mark) {
      return new RefusedInput(
          "mark", given(mark.title()), said("has-no-area-to-shape"), said("a-keep-out-or-a-zone"));
    }
  }

  record TakeAway(String faceId, String markId) implements MarkEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      Face face = Editing.face(plan, faceId).face();
      Marks own = plan.foundOn(faceId).marks();
      Mark gone = own(own, markId);
      return changed(plan, faceId, own.without(markId), Told.Code.TOOK_MARK_AWAY, gone, face);
    }
  }

  /** All marks given to another face as well, turned over to it or not; damage stays. */
  record HandOver(String faceId, String toFaceId, boolean mirrored) implements MarkEdit {
    @Override
    public boolean takesOver(Subject subject) {
      return subject.isOf(Subject.Kind.MARK, faceId) || mirrored && subject.isOfSizes();
    }

    @Override
    public Edited to(Plan plan, Editing editing) {
      Face from = Editing.face(plan, faceId).face();
      Face to = Editing.face(plan, toFaceId).face();
      Marks all = from.marks().withoutBlemishes();
      Marks turned = mirrored ? all.mirrored(from.outline().widthMm()) : all;
      Found found = plan.foundOn(toFaceId);
      Marks marks =
          turned.renamed(old -> editing.ids().get()).withBlemishes(found.marks().blemishes());
      return new Edited(
          plan.with(toFaceId, found.withOwn(marks)),
          Told.of(
              mirrored ? Told.Code.MIRRORED_MARKS : Told.Code.COPIED_MARKS, from.name(), to.name()),
          Edited.Focus.on(toFaceId));
    }
  }

  /** The form's marks become the face's own, to be moved or taken away. */
  record MakeOwn(String faceId) implements MarkEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      PlanFace face = Editing.face(plan, faceId);
      return new Edited(
          plan.with(faceId, plan.foundOn(faceId).withOwn(face.face().marks())),
          Told.of(Told.Code.OWN_MARKS, face.face().name()),
          Edited.Focus.on(faceId));
    }
  }

  private static Edited changed(
      Plan plan, String faceId, Marks marks, Told.Code code, Mark mark, Face face) {
    return new Edited(
        plan.with(faceId, plan.foundOn(faceId).with(marks)),
        Told.of(code, mark.title(), face.name()),
        Edited.Focus.on(faceId));
  }

  private static Mark own(Marks marks, String id) {
    return marks
        .mark(id)
        .orElseThrow(
            () ->
                new RefusedInput(
                    "mark",
                    given(id),
                    said("is-not-among-this-faces-own-marks"),
                    said("one-of-its-own")));
  }

  private static Kind kindOf(Mark mark) {
    return switch (mark) {
      case KeepOut k -> Kind.KEEP_OUT;
      case Hole h -> Kind.HOLE;
      case Break b -> Kind.BREAK;
      case Blemish b -> Kind.BLEMISH;
      case Zone z -> Kind.ZONE;
    };
  }
}
