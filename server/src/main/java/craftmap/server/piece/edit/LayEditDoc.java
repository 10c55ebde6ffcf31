package craftmap.server.piece.edit;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.answers;
import static craftmap.server.piece.document.Given.given;
import static craftmap.server.piece.document.PlanMapper.toPoints;
import static craftmap.server.piece.edit.EditDoc.face;
import static craftmap.server.piece.edit.EditDoc.lay;
import static craftmap.server.piece.edit.EditDoc.orNew;

import craftmap.core.lay.rule.RuleKind;
import craftmap.core.plan.edit.LayEdit;
import craftmap.core.plan.edit.LaysEdit;
import craftmap.core.plan.edit.PlanEdit;
import craftmap.server.piece.document.EyeDoc;
import craftmap.server.piece.document.PartDoc;
import craftmap.server.piece.document.PickDoc;
import craftmap.server.piece.document.PlanMapper;
import craftmap.server.piece.document.PointDoc;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** What is done to a lay, as it is sent. */
public sealed interface LayEditDoc extends EditDoc {
  record MeasureLay(
      String layId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Map<String, Double> measures,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Map<String, String> choices)
      implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.Measure(
          lay(layId), answers(said("measure"), measures), answers(said("choice"), choices));
    }
  }

  record PointsOfLay(String layId, List<PointDoc> points) implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.Points(
          lay(layId),
          toPoints(said("points-of-the-line"), given(said("points-of-the-line"), points)));
    }
  }

  record TextOfLay(String layId, String text) implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.Text(lay(layId), given(said("words"), text));
    }
  }

  record OtherRule(String layId, RuleKind rule) implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.OtherRule(lay(layId), given(said("rule"), rule));
    }
  }

  record PickOption(
      String layId, @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PickDoc pick)
      implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.PickOption(lay(layId), Optional.ofNullable(pick).map(PlanMapper::toPick));
    }
  }

  record GoAround(
      String layId, @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double clearMm)
      implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.GoAround(
          lay(layId), clearMm == null ? OptionalDouble.empty() : OptionalDouble.of(clearMm));
    }
  }

  record ByEye(String layId, @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) EyeDoc eye)
      implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.ByEye(lay(layId), PlanMapper.toEye(eye));
    }
  }

  record UsePieces(String layId, List<String> designIds) implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.UsePieces(lay(layId), given(said("pieces"), designIds));
    }
  }

  record CornerPiece(
      String layId, @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String designId)
      implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.CornerPiece(lay(layId), Optional.ofNullable(designId));
    }
  }

  record LayOver(String layId, List<String> alsoOn) implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.Over(lay(layId), given(said("faces-of-the-lay"), alsoOn));
    }
  }

  record AimAt(String layId, @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String zoneId)
      implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.AimAt(lay(layId), Optional.ofNullable(zoneId));
    }
  }

  record UsePart(
      String layId, @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PartDoc part)
      implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.UsePart(lay(layId), Optional.ofNullable(part).map(PlanMapper::toPart));
    }
  }

  record PutOnWith(String layId, String potId) implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.PutOnWith(lay(layId), given(said("pot"), potId));
    }
  }

  record ChangeCoats(String layId, int coats) implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.Coats(lay(layId), coats);
    }
  }

  record HideLay(String layId, boolean hidden) implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.Hide(lay(layId), hidden);
    }
  }

  record CutFrom(
      String layId, @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String rollId)
      implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.CutFrom(lay(layId), Optional.ofNullable(rollId));
    }
  }

  record KeepOffcut(String layId, String name, boolean keep) implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.KeepOffcut(lay(layId), given(said("offcut-to-keep"), name), keep);
    }
  }

  record LockLay(String layId, boolean locked) implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LayEdit.Lock(lay(layId), locked);
    }
  }

  record MoveLay(String layId, String faceId, boolean later) implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LaysEdit.Move(lay(layId), face(faceId), later);
    }
  }

  record TakeLayOff(String layId) implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LaysEdit.TakeOff(lay(layId));
    }
  }

  record LayDesign(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String id,
      String faceId,
      String designId)
      implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LaysEdit.LayDesign(orNew(id), face(faceId), given(said("design"), designId));
    }
  }

  record LayWords(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String id,
      String faceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String text)
      implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LaysEdit.LayWords(orNew(id), face(faceId), Optional.ofNullable(text));
    }
  }

  record CopyLay(
      String layId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String id,
      String faceId,
      boolean mirrored)
      implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LaysEdit.Copy(lay(layId), orNew(id), face(faceId), mirrored);
    }
  }

  record CopyToAlike(String layId) implements LayEditDoc {
    @Override
    public PlanEdit edit() {
      return new LaysEdit.CopyToAlike(lay(layId));
    }
  }
}
