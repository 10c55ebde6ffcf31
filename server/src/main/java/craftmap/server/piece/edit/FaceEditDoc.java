package craftmap.server.piece.edit;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.answers;
import static craftmap.server.piece.document.Given.given;
import static craftmap.server.piece.document.PlanMapper.toPoints;
import static craftmap.server.piece.edit.EditDoc.face;
import static craftmap.server.piece.edit.EditDoc.orNew;

import craftmap.core.colour.Colour;
import craftmap.core.plan.edit.FaceEdit;
import craftmap.core.plan.edit.PlanEdit;
import craftmap.core.plane.Point;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Relief;
import craftmap.core.surface.outline.OutlineKind;
import craftmap.server.piece.document.PointDoc;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What is done to a face, as it is sent. */
public sealed interface FaceEditDoc extends EditDoc {
  record NameFace(String faceId, String name) implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.Name(face(faceId), name);
    }
  }

  record ChangeMakeUp(String faceId, MakeUp makeUp) implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.ChangeMakeUp(face(faceId), given(said("make-up"), makeUp));
    }
  }

  record ChangeFinish(String faceId, Finish finish) implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.ChangeFinish(face(faceId), given(said("finish"), finish));
    }
  }

  record ChangeGround(String faceId, String ground) implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.ChangeGround(face(faceId), new Colour(given(said("ground"), ground)));
    }
  }

  /** Absent: as is usual of what it is made of. */
  record ChangeColourNow(
      String faceId, @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String now)
      implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.ChangeColourNow(face(faceId), Optional.ofNullable(now).map(Colour::new));
    }
  }

  record ChangeExposure(String faceId, List<Exposure> exposure) implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.ChangeExposure(
          face(faceId), Set.copyOf(given(said("exposure"), exposure)));
    }
  }

  record ChangeEdgeDepth(String faceId, Double edgeDepthMm) implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.EdgeDepth(face(faceId), given(said("depth-of-the-edge"), edgeDepthMm));
    }
  }

  record ChangeRelief(String faceId, Double relief) implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.ChangeRelief(
          face(faceId), new Relief(given(said("relief-factor"), relief)));
    }
  }

  record TapeFace(
      String faceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Map<String, Double> measures,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Map<String, String> choices)
      implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.Tape(
          face(faceId), answers(said("measure"), measures), answers(said("choice"), choices));
    }
  }

  record CornersOfFace(String faceId, List<PointDoc> points) implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.Corners(
          face(faceId),
          toPoints(said("points-of-the-outline"), given(said("points-of-the-outline"), points)));
    }
  }

  record Reshape(String faceId, OutlineKind outline) implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.Reshape(face(faceId), given(said("outline"), outline));
    }
  }

  record ShowFace(String faceId, boolean shown) implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.Show(face(faceId), shown);
    }
  }

  record ComeOff(String faceId, boolean comesOff) implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.ComeOff(face(faceId), comesOff);
    }
  }

  record SetFaceInto(
      String faceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String intoId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PointDoc at)
      implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.SetInto(
          face(faceId),
          Optional.ofNullable(intoId),
          Optional.ofNullable(at).map(p -> new Point(p.xMm(), p.yMm())));
    }
  }

  record DuplicateFace(
      String faceId, @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String id)
      implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.Duplicate(face(faceId), orNew(id));
    }
  }

  record AddFace(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String id, OutlineKind outline)
      implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.Add(orNew(id), given(said("outline"), outline));
    }
  }

  record TakeFaceOff(String faceId) implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.TakeOff(face(faceId));
    }
  }

  record BringFaceBack(String faceId) implements FaceEditDoc {
    @Override
    public PlanEdit edit() {
      return new FaceEdit.BringBack(face(faceId));
    }
  }
}
