package craftmap.server.coats;

import craftmap.core.coats.StepKind;
import craftmap.core.measure.Level;
import craftmap.core.medium.Role;
import craftmap.core.medium.ToolKind;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import craftmap.server.piece.document.CoatsDoc;
import craftmap.server.piece.view.LayView;
import craftmap.server.piece.view.ReadingView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * The coats of a piece, group by group.
 *
 * @param products what a coat can be put on from, what is owned first
 * @param free faces, zones and parts that can be made a group of their own
 */
record CoatsView(
    CoatsDoc.HabitsDoc habits,
    List<GroupView> groups,
    List<CoatPlaceView> free,
    List<CoatProductView> products) {
  /**
   * Something a coat can be put on from: a pot, or a kind that has to be bought.
   *
   * @param levelText what is left in it; absent where it is not owned
   */
  record CoatProductView(
      CoatsDoc.ProductDoc product,
      String name,
      String colour,
      Role role,
      String roleText,
      boolean owned,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String levelText) {}

  /** Something that can be in a group. */
  record CoatPlaceView(CoatsDoc.PlaceDoc place, String name) {}

  /**
   * One group.
   *
   * @param made it was put together by hand
   * @param changed something in it was decided; else all of it is proposed
   * @param swatches the surface, and what shows after each coat
   * @param blend where colours that are worked together are pure, on a face half a metre high
   * @param leftOut proposed bands that are left out
   */
  record GroupView(
      String id,
      String name,
      boolean made,
      boolean changed,
      List<CoatPlaceView> places,
      SurfaceView surface,
      List<String> swatches,
      String shows,
      List<ReadingView.BlendStopView> blend,
      List<BandView> bands,
      List<GroundChoiceView> choices,
      List<FindingView> findings,
      List<LeftOutView> leftOut,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Level worst,
      String totalText,
      String handsOnText,
      CoatsDoc.WishesDoc wishes) {}

  record SurfaceView(
      MakeUp makeUp,
      Finish finish,
      String text,
      String noteText,
      String areaText,
      String now,
      String wanted,
      List<String> damage) {}

  /** What a band is drawn as. */
  enum Look {
    STEP,
    COAT,
    WASH,
    SPOTS,
    BLEND,
    POUR,
    DRESSING,
    EDGES,
    CLEAR,
    RELIEF,
    PRINT,
    PAINTED
  }

  /**
   * One band of the section, from the surface up.
   *
   * @param key by which edits name it
   * @param note how many, with what
   * @param dryText when it is dry and when the next may follow, by its label
   * @param hereText the same at noon where the studio lets things dry
   * @param takesText out of its pot
   * @param shades what shows after each coat
   * @param under what shows under it
   * @param hints how it is worked: batches, sections, rounds with the torch
   * @param learned which of its figures were learned, and from how often
   * @param dressed where something is done that is no coat and may be done elsewhere
   */
  record BandView(
      String key,
      Look look,
      String title,
      String note,
      String dryText,
      String hereText,
      String takesText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String leftText,
      String handsOnText,
      List<ShadeView> shades,
      String under,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String colour,
      boolean own,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) StepKind step,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) CoatView coat,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) LayOfBandView lay,
      List<LayView.WhyView> why,
      List<String> hints,
      List<String> learned,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) CoatsDoc.WhereDoc dressed) {}

  /** What shows after one coat. */
  record ShadeView(String hex, String text) {}

  /**
   * What can be changed about a coat.
   *
   * @param owned it stands on the shelf
   * @param hides whether its kind hides what is under it
   */
  record CoatView(
      Role role,
      String roleText,
      CoatsDoc.CoatWishDoc wish,
      CoatsDoc.WhereDoc where,
      ToolKind tool,
      int times,
      boolean timesChosen,
      boolean owned,
      boolean hides,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String potId) {}

  /**
   * The lay a band stands for.
   *
   * @param designId a design that has colours of its own; absent where it is put on in those of
   *     pots
   * @param notes what was found about it that is not fine
   */
  record LayOfBandView(
      String id,
      String faceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String designId,
      List<ReadingView.NoteView> notes) {}

  /**
   * One way to come to the ground.
   *
   * @param reason why it stands where it does
   */
  record GroundChoiceView(
      String title,
      List<String> swatches,
      String takesText,
      String handsOnText,
      String reason,
      boolean best,
      boolean chosen,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) CoatsDoc.ProductDoc product,
      int times,
      int coats) {}

  /** Something found, at its band. */
  record FindingView(
      String rule,
      Level level,
      boolean safety,
      String band,
      String what,
      String why,
      List<CoatMendView> mends,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String note) {}

  record CoatMendView(String code, String text) {}

  record LeftOutView(String band, String text) {}
}
