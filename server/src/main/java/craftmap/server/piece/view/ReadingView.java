package craftmap.server.piece.view;

import craftmap.core.coats.Blend;
import craftmap.core.form.FormKind;
import craftmap.core.lay.BlemishCover;
import craftmap.core.measure.Level;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.OutlineKind;
import craftmap.core.surface.outline.Side;
import craftmap.server.fields.FieldView;
import craftmap.server.piece.document.AreaDoc;
import craftmap.server.piece.document.OutlineDoc;
import craftmap.server.piece.document.PointDoc;
import craftmap.server.words.Measure;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * What the core made of a plan, in figures to draw and sentences to read.
 *
 * @param net the box around all faces that are shown
 * @param totalText what all of them come to, for a coat
 */
public record ReadingView(
    FormView form, BoxView net, List<FaceView> faces, List<PartView> parts, String totalText) {

  /** An upright box in millimetres. */
  public record BoxView(double leftMm, double topMm, double widthMm, double heightMm) {}

  /** The form with everything there is to measure on it, in the order one walks round it. */
  public record FormView(FormKind kind, String kindText, List<FieldView> fields) {}

  /** A corner of an outline or an area by its two distances. */
  public record CornerView(Measure across, Measure down) {}

  /** A part that comes off, with what goes into its bag. */
  public record PartView(int number, String name, List<String> faceIds, String bagText) {}

  /**
   * One face.
   *
   * @param pathData its outline and openings, to be filled by the even-odd rule
   * @param corners where strokes of its outline meet, for measuring between
   * @param labelAt a place well inside, for its name
   * @param wraps rolled up on the piece: its left and right ends are one seam
   * @param onNet where it lies on the net; absent where it is not shown
   * @param nextTo what lies next to it when the piece is unfolded, along each of its edges
   * @param setInto the face it is an inset of
   * @param at where it begins on that face
   * @param gridCellMm side of the square cells that letters and figures name
   * @param ground the colour that is asked for under the designs
   * @param shows the colour that its coats end with
   * @param blend where colours that are worked together on it are pure, from the foot up; none
   *     where it is of one
   * @param darkGround true where light ink reads better on what shows
   * @param guides lines that things are put on: the middle, the thirds, what is laid
   * @param front where the front of a round thing is on its edge
   * @param outline what it was made from
   */
  public record FaceView(
      String id,
      String name,
      Measure width,
      Measure height,
      String pathData,
      List<PointDoc> corners,
      PointDoc labelAt,
      boolean wraps,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PointDoc front,
      OutlineView outline,
      AreaView area,
      List<SideView> sides,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) SquarenessView squareness,
      Edge datum,
      MakeUp makeUp,
      Finish finish,
      String makeUpText,
      List<Exposure> exposure,
      Measure edgeDepth,
      double relief,
      String ground,
      String shows,
      List<BlendStopView> blend,
      boolean darkGround,
      boolean shown,
      boolean added,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) BoxView onNet,
      List<NextView> nextTo,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String setInto,
      PointDoc at,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) InsetView inset,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String part,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Integer partNumber,
      double gridCellMm,
      List<KeepOutView> keepOuts,
      List<HoleView> holes,
      List<BreakView> breaks,
      List<BlemishView> blemishes,
      List<ZoneView> zones,
      List<LayView> lays,
      List<GuideView> guides,
      List<NoteView> notes) {}

  /**
   * A face along an edge of another.
   *
   * @param alongMm where its top left corner lies along that edge, from that of the other
   */
  public record NextView(Edge edge, String faceId, double alongMm) {}

  /** How far from the edges of the face it is set into an added face begins. */
  public record InsetView(String faceId, Measure left, Measure top) {}

  /** The outline's kind, and its measures as fields. */
  public record OutlineView(
      OutlineKind kind,
      String kindText,
      List<FieldView> fields,
      List<CornerView> corners,
      OutlineDoc document) {}

  public record AreaView(
      String grossText, String netText, String workedText, String edgeText, String whyText) {}

  public record SideView(Side.Name name, String text, Measure length) {}

  /**
   * How a face departs from square.
   *
   * @param exaggeratedPath the outline with its departure made larger
   */
  public record SquarenessView(
      List<String> angles,
      String leanText,
      String datumText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String closureText,
      boolean measureAgain,
      String exaggeratedPath,
      double exaggeratedWidthMm,
      double exaggeratedHeightMm) {}

  /**
   * A keep-out.
   *
   * @param given comes with the form and follows its measures
   * @param pathData its area as it lies on the face
   */
  public record KeepOutView(
      String id,
      String name,
      String pathData,
      boolean given,
      AreaDoc area,
      List<MarkFieldView> fields,
      List<CornerView> corners,
      String forbidsText) {}

  public record HoleView(
      String id,
      String name,
      boolean given,
      List<PointDoc> centres,
      Measure left,
      Measure top,
      Measure diameter,
      int count,
      Measure spacing,
      double usuallyApartMm,
      boolean upright,
      String coveredText) {}

  public record BreakView(
      String id,
      String name,
      boolean given,
      PointDoc from,
      PointDoc to,
      List<MarkFieldView> fields,
      Measure width,
      String text) {}

  public record ZoneView(
      String id,
      String name,
      String colour,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String shows,
      String pathData,
      String areaText,
      AreaDoc area,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) MakeUp makeUp,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Finish finish,
      List<MarkFieldView> fields,
      List<CornerView> corners) {}

  /**
   * A length of a mark that can be typed.
   *
   * @param key the field of the document it goes into
   */
  public record MarkFieldView(String key, String label, Measure length, boolean place) {}

  public record BlemishView(
      String id,
      int number,
      String kind,
      double xMm,
      double yMm,
      Measure left,
      Measure top,
      Measure diameter,
      String cell,
      String note,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String photoId,
      BlemishCover.State state,
      String text) {}

  /**
   * A place on a face where a colour of a blend is pure; between two it is worked together.
   *
   * @param at as a share of the height from the foot up
   */
  public record BlendStopView(double at, String hex) {
    /** On a face so high; none where it is of one colour. */
    public static List<BlendStopView> all(Blend blend, double heightMm) {
      return blend.stops(heightMm).stream()
          .map(s -> new BlendStopView(s.at(), s.seen().colour().hex()))
          .toList();
    }
  }

  /**
   * Something to know: fine, worth a look, or wrong.
   *
   * @param rule by which it was found
   * @param mendable whether it is worth asking what would mend it
   */
  public record NoteView(NoteLevel level, String rule, String text, boolean mendable) {}

  /** How bad what was found is, the worst last. */
  public enum NoteLevel {
    FINE,
    LOOK,
    STOP;

    public static NoteLevel of(Level level) {
      return switch (level) {
        case FINE -> FINE;
        case TIP, RISK -> LOOK;
        case STOP -> STOP;
      };
    }
  }

  /**
   * A line to put things on.
   *
   * @param upright a line from top to bottom, else from left to right
   * @param distanceText how far it is from the face's edge
   * @param layId the lay it comes from; absent for the face's own
   */
  public record GuideView(
      boolean upright,
      double atMm,
      String text,
      String distanceText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String layId) {}
}
