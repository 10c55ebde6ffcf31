package craftmap.server.piece.edit;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.given;
import static craftmap.server.piece.document.Given.place;
import static craftmap.server.piece.edit.EditDoc.face;
import static craftmap.server.piece.edit.EditDoc.orNew;

import craftmap.core.plan.edit.MarkEdit;
import craftmap.core.plan.edit.PlanEdit;
import craftmap.core.plane.Point;
import craftmap.server.piece.document.BlemishDoc;
import craftmap.server.piece.document.BreakDoc;
import craftmap.server.piece.document.HoleDoc;
import craftmap.server.piece.document.KeepOutDoc;
import craftmap.server.piece.document.MarkMapper;
import craftmap.server.piece.document.ZoneDoc;
import io.swagger.v3.oas.annotations.media.Schema;

/** What is done to the marks of a face, as it is sent. */
public sealed interface MarkEditDoc extends EditDoc {
  record AddMark(
      String faceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String id,
      MarkEdit.Kind mark,
      double xMm,
      double yMm)
      implements MarkEditDoc {
    @Override
    public PlanEdit edit() {
      return new MarkEdit.Add(
          face(faceId),
          orNew(id),
          given(said("kind-of-mark"), mark),
          new Point(place(said("place-of-the-mark"), xMm), place(said("place-of-the-mark"), yMm)));
    }
  }

  record PutKeepOut(String faceId, KeepOutDoc keepOut) implements MarkEditDoc {
    @Override
    public PlanEdit edit() {
      return new MarkEdit.Put(face(faceId), MarkMapper.toMark(given(said("keep-out"), keepOut)));
    }
  }

  record PutHole(String faceId, HoleDoc hole) implements MarkEditDoc {
    @Override
    public PlanEdit edit() {
      return new MarkEdit.Put(face(faceId), MarkMapper.toMark(given(said("hole"), hole)));
    }
  }

  record PutBreak(String faceId, BreakDoc joint) implements MarkEditDoc {
    @Override
    public PlanEdit edit() {
      return new MarkEdit.Put(face(faceId), MarkMapper.toMark(given(said("break"), joint)));
    }
  }

  record PutBlemish(String faceId, BlemishDoc blemish) implements MarkEditDoc {
    @Override
    public PlanEdit edit() {
      return new MarkEdit.Put(face(faceId), MarkMapper.toMark(given(said("blemish"), blemish)));
    }
  }

  record PutZone(String faceId, ZoneDoc zone) implements MarkEditDoc {
    @Override
    public PlanEdit edit() {
      return new MarkEdit.Put(face(faceId), MarkMapper.toMark(given(said("zone"), zone)));
    }
  }

  record ShapeMark(String faceId, String markId, MarkEdit.AreaShape shape) implements MarkEditDoc {
    @Override
    public PlanEdit edit() {
      return new MarkEdit.Shape(
          face(faceId), given(said("mark"), markId), given(said("shape"), shape));
    }
  }

  record TakeMarkAway(String faceId, String markId) implements MarkEditDoc {
    @Override
    public PlanEdit edit() {
      return new MarkEdit.TakeAway(face(faceId), given(said("mark"), markId));
    }
  }

  record HandMarksOver(String faceId, String toFaceId, boolean mirrored) implements MarkEditDoc {
    @Override
    public PlanEdit edit() {
      return new MarkEdit.HandOver(face(faceId), face(toFaceId), mirrored);
    }
  }

  record OwnMarks(String faceId) implements MarkEditDoc {
    @Override
    public PlanEdit edit() {
      return new MarkEdit.MakeOwn(face(faceId));
    }
  }
}
