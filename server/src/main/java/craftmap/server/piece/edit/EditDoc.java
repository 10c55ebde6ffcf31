package craftmap.server.piece.edit;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.given;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import craftmap.core.plan.edit.PlanEdit;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.UUID;

/**
 * Something a person does to a plan, as it is sent: its kind, and what it is done to. The kind is
 * the record's name in capitals.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = PieceEditDoc.PieceForSale.class, name = "PIECE_FOR_SALE"),
  @JsonSubTypes.Type(value = PieceEditDoc.NamePiece.class, name = "NAME_PIECE"),
  @JsonSubTypes.Type(value = PieceEditDoc.MeasurePiece.class, name = "MEASURE_PIECE"),
  @JsonSubTypes.Type(value = FaceEditDoc.NameFace.class, name = "NAME_FACE"),
  @JsonSubTypes.Type(value = FaceEditDoc.ChangeMakeUp.class, name = "CHANGE_MAKE_UP"),
  @JsonSubTypes.Type(value = FaceEditDoc.ChangeFinish.class, name = "CHANGE_FINISH"),
  @JsonSubTypes.Type(value = FaceEditDoc.ChangeGround.class, name = "CHANGE_GROUND"),
  @JsonSubTypes.Type(value = FaceEditDoc.ChangeColourNow.class, name = "CHANGE_COLOUR_NOW"),
  @JsonSubTypes.Type(value = FaceEditDoc.ChangeExposure.class, name = "CHANGE_EXPOSURE"),
  @JsonSubTypes.Type(value = FaceEditDoc.ChangeEdgeDepth.class, name = "CHANGE_EDGE_DEPTH"),
  @JsonSubTypes.Type(value = FaceEditDoc.ChangeRelief.class, name = "CHANGE_RELIEF"),
  @JsonSubTypes.Type(value = FaceEditDoc.TapeFace.class, name = "TAPE_FACE"),
  @JsonSubTypes.Type(value = FaceEditDoc.CornersOfFace.class, name = "CORNERS_OF_FACE"),
  @JsonSubTypes.Type(value = FaceEditDoc.Reshape.class, name = "RESHAPE"),
  @JsonSubTypes.Type(value = FaceEditDoc.ShowFace.class, name = "SHOW_FACE"),
  @JsonSubTypes.Type(value = FaceEditDoc.ComeOff.class, name = "COME_OFF"),
  @JsonSubTypes.Type(value = FaceEditDoc.SetFaceInto.class, name = "SET_FACE_INTO"),
  @JsonSubTypes.Type(value = FaceEditDoc.DuplicateFace.class, name = "DUPLICATE_FACE"),
  @JsonSubTypes.Type(value = FaceEditDoc.AddFace.class, name = "ADD_FACE"),
  @JsonSubTypes.Type(value = FaceEditDoc.TakeFaceOff.class, name = "TAKE_FACE_OFF"),
  @JsonSubTypes.Type(value = FaceEditDoc.BringFaceBack.class, name = "BRING_FACE_BACK"),
  @JsonSubTypes.Type(value = MarkEditDoc.AddMark.class, name = "ADD_MARK"),
  @JsonSubTypes.Type(value = MarkEditDoc.PutKeepOut.class, name = "PUT_KEEP_OUT"),
  @JsonSubTypes.Type(value = MarkEditDoc.PutHole.class, name = "PUT_HOLE"),
  @JsonSubTypes.Type(value = MarkEditDoc.PutBreak.class, name = "PUT_BREAK"),
  @JsonSubTypes.Type(value = MarkEditDoc.PutBlemish.class, name = "PUT_BLEMISH"),
  @JsonSubTypes.Type(value = MarkEditDoc.PutZone.class, name = "PUT_ZONE"),
  @JsonSubTypes.Type(value = MarkEditDoc.ShapeMark.class, name = "SHAPE_MARK"),
  @JsonSubTypes.Type(value = MarkEditDoc.TakeMarkAway.class, name = "TAKE_MARK_AWAY"),
  @JsonSubTypes.Type(value = MarkEditDoc.HandMarksOver.class, name = "HAND_MARKS_OVER"),
  @JsonSubTypes.Type(value = MarkEditDoc.OwnMarks.class, name = "OWN_MARKS"),
  @JsonSubTypes.Type(value = LayEditDoc.MeasureLay.class, name = "MEASURE_LAY"),
  @JsonSubTypes.Type(value = LayEditDoc.PointsOfLay.class, name = "POINTS_OF_LAY"),
  @JsonSubTypes.Type(value = LayEditDoc.TextOfLay.class, name = "TEXT_OF_LAY"),
  @JsonSubTypes.Type(value = LayEditDoc.OtherRule.class, name = "OTHER_RULE"),
  @JsonSubTypes.Type(value = LayEditDoc.PickOption.class, name = "PICK_OPTION"),
  @JsonSubTypes.Type(value = LayEditDoc.GoAround.class, name = "GO_AROUND"),
  @JsonSubTypes.Type(value = LayEditDoc.ByEye.class, name = "BY_EYE"),
  @JsonSubTypes.Type(value = LayEditDoc.UsePieces.class, name = "USE_PIECES"),
  @JsonSubTypes.Type(value = LayEditDoc.CornerPiece.class, name = "CORNER_PIECE"),
  @JsonSubTypes.Type(value = LayEditDoc.LayOver.class, name = "LAY_OVER"),
  @JsonSubTypes.Type(value = LayEditDoc.AimAt.class, name = "AIM_AT"),
  @JsonSubTypes.Type(value = LayEditDoc.UsePart.class, name = "USE_PART"),
  @JsonSubTypes.Type(value = LayEditDoc.PutOnWith.class, name = "PUT_ON_WITH"),
  @JsonSubTypes.Type(value = LayEditDoc.ChangeCoats.class, name = "CHANGE_COATS"),
  @JsonSubTypes.Type(value = LayEditDoc.HideLay.class, name = "HIDE_LAY"),
  @JsonSubTypes.Type(value = LayEditDoc.CutFrom.class, name = "CUT_FROM"),
  @JsonSubTypes.Type(value = LayEditDoc.KeepOffcut.class, name = "KEEP_OFFCUT"),
  @JsonSubTypes.Type(value = LayEditDoc.LockLay.class, name = "LOCK_LAY"),
  @JsonSubTypes.Type(value = LayEditDoc.MoveLay.class, name = "MOVE_LAY"),
  @JsonSubTypes.Type(value = LayEditDoc.TakeLayOff.class, name = "TAKE_LAY_OFF"),
  @JsonSubTypes.Type(value = LayEditDoc.LayDesign.class, name = "LAY_DESIGN"),
  @JsonSubTypes.Type(value = LayEditDoc.LayWords.class, name = "LAY_WORDS"),
  @JsonSubTypes.Type(value = LayEditDoc.CopyLay.class, name = "COPY_LAY"),
  @JsonSubTypes.Type(value = LayEditDoc.CopyToAlike.class, name = "COPY_TO_ALIKE"),
  @JsonSubTypes.Type(value = OrderEditDoc.BeginOn.class, name = "BEGIN_ON"),
  @JsonSubTypes.Type(value = OrderEditDoc.WorkWith.class, name = "WORK_WITH"),
  @JsonSubTypes.Type(value = OrderEditDoc.StepTakes.class, name = "STEP_TAKES"),
  @JsonSubTypes.Type(value = OrderEditDoc.StepDone.class, name = "STEP_DONE"),
  @JsonSubTypes.Type(value = OrderEditDoc.StepBegins.class, name = "STEP_BEGINS"),
  @JsonSubTypes.Type(value = OrderEditDoc.StepInParts.class, name = "STEP_IN_PARTS"),
  @JsonSubTypes.Type(value = OrderEditDoc.WentWrong.class, name = "WENT_WRONG"),
  @JsonSubTypes.Type(value = OrderEditDoc.WentRight.class, name = "WENT_RIGHT"),
  @JsonSubTypes.Type(value = OrderEditDoc.PutOwnStep.class, name = "PUT_OWN_STEP"),
  @JsonSubTypes.Type(value = OrderEditDoc.TakeOwnStep.class, name = "TAKE_OWN_STEP"),
  @JsonSubTypes.Type(value = OrderEditDoc.PutFirst.class, name = "PUT_FIRST"),
  @JsonSubTypes.Type(value = OrderEditDoc.Promise.class, name = "PROMISE"),
  @JsonSubTypes.Type(value = CoatEditDoc.ChangeCoat.class, name = "CHANGE_COAT"),
  @JsonSubTypes.Type(value = CoatEditDoc.OutOfPot.class, name = "OUT_OF_POT"),
  @JsonSubTypes.Type(value = CoatEditDoc.PaintGround.class, name = "PAINT_GROUND"),
  @JsonSubTypes.Type(value = CoatEditDoc.BlendGround.class, name = "BLEND_GROUND"),
  @JsonSubTypes.Type(value = CoatEditDoc.ChoosePrimer.class, name = "CHOOSE_PRIMER"),
  @JsonSubTypes.Type(value = CoatEditDoc.AddCoat.class, name = "ADD_COAT"),
  @JsonSubTypes.Type(value = CoatEditDoc.AddCoatStep.class, name = "ADD_COAT_STEP"),
  @JsonSubTypes.Type(value = CoatEditDoc.LeaveCoatOut.class, name = "LEAVE_COAT_OUT"),
  @JsonSubTypes.Type(value = CoatEditDoc.BringCoatBack.class, name = "BRING_COAT_BACK"),
  @JsonSubTypes.Type(value = CoatEditDoc.MoveCoat.class, name = "MOVE_COAT"),
  @JsonSubTypes.Type(value = CoatEditDoc.TakeCoatMend.class, name = "TAKE_COAT_MEND"),
  @JsonSubTypes.Type(value = CoatEditDoc.NoteFinding.class, name = "NOTE_FINDING"),
  @JsonSubTypes.Type(value = CoatEditDoc.CoatsAnew.class, name = "COATS_ANEW"),
  @JsonSubTypes.Type(value = CoatEditDoc.UseScheme.class, name = "USE_SCHEME"),
  @JsonSubTypes.Type(value = CoatEditDoc.CopyCoats.class, name = "COPY_COATS"),
  @JsonSubTypes.Type(value = CoatEditDoc.GroupFaces.class, name = "GROUP_FACES"),
  @JsonSubTypes.Type(value = CoatEditDoc.NameGroup.class, name = "NAME_GROUP"),
  @JsonSubTypes.Type(value = CoatEditDoc.Ungroup.class, name = "UNGROUP"),
  @JsonSubTypes.Type(value = CoatEditDoc.ChooseHabits.class, name = "CHOOSE_HABITS")
})
@Schema(name = "PlanEdit")
public sealed interface EditDoc
    permits PieceEditDoc, FaceEditDoc, MarkEditDoc, LayEditDoc, CoatEditDoc, OrderEditDoc {
  /** The same for the core; refused where something that it needs is missing. */
  PlanEdit edit();

  static String face(String id) {
    return given(said("face"), id);
  }

  static String lay(String id) {
    return given(said("lay"), id);
  }

  /** What is new gets an id of its own, unless whoever made it gave one. */
  static String orNew(String id) {
    return id == null ? UUID.randomUUID().toString() : id;
  }
}
