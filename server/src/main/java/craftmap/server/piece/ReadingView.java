package craftmap.server.piece;

import craftmap.core.lay.BlemishCover;
import craftmap.core.lay.RunKind;
import craftmap.core.plan.LayReading;
import craftmap.core.surface.MakeUp;
import craftmap.server.words.Measure;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/** What the core made of a plan, in figures to draw and sentences to read. */
public record ReadingView(
    Measure width, Measure height, Measure depth, BoxView net, List<FaceView> faces) {

  /** An upright box in millimetres. */
  public record BoxView(double leftMm, double topMm, double widthMm, double heightMm) {}

  /**
   * One face.
   *
   * @param onNet where it lies on the net
   * @param gridCellMm side of the square cells that letters and figures name
   * @param darkGround true where light ink reads better on the ground
   */
  public record FaceView(
      String id,
      String name,
      Measure width,
      Measure height,
      String areaText,
      MakeUp makeUp,
      String makeUpText,
      String ground,
      boolean darkGround,
      BoxView onNet,
      double gridCellMm,
      List<KeepOutView> keepOuts,
      List<BlemishView> blemishes,
      List<LayView> lays,
      List<NoteView> notes) {}

  /** A keep-out, with its distances from the left and the top edge. */
  public record KeepOutView(
      String id,
      String name,
      BoxView box,
      Measure left,
      Measure top,
      Measure width,
      Measure height) {}

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
      BlemishCover.State state,
      String text) {}

  /** Something to know: fine, worth a look, or wrong. */
  public record NoteView(NoteLevel level, String text) {}

  public enum NoteLevel {
    FINE,
    LOOK,
    STOP
  }

  /**
   * One lay.
   *
   * @param laid what it comes to; absent where it does not fit, and {@code notes} say why
   */
  public record LayView(
      String id,
      String faceId,
      String designId,
      String designName,
      String title,
      String where,
      String paintId,
      String paintName,
      String paintColour,
      LineView line,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) LaidView laid,
      List<NoteView> notes) {}

  /**
   * The line of a run and how far it may go.
   *
   * @param lineMm its length, the ends taken off
   */
  public record LineView(
      Measure distance,
      Measure startInset,
      Measure endInset,
      Measure gap,
      Measure endMargin,
      String allowedChangeText,
      double edgeMm,
      double lineMm,
      double nearestMm,
      double farthestMm,
      double motifMm,
      double motifTallMm) {}

  public record LaidView(
      List<OptionView> options,
      int chosen,
      LayReading.PickState pickState,
      String pickText,
      List<ItemView> items,
      List<MarkView> marks,
      String datumText,
      String tapeText,
      String roundingText,
      int positions,
      int passes,
      int washes,
      String positionsText,
      double paintMl,
      String paintText,
      String coatsText,
      List<WhyView> why) {}

  /**
   * An option.
   *
   * @param firstShare where the first motif begins, as a share of the line; below 0 when it runs
   *     off
   * @param pitchShare from one motif to the next
   * @param motifShare how much of the line one motif takes
   */
  public record OptionView(
      RunKind kind,
      int count,
      int wholes,
      String title,
      String detail,
      String reason,
      boolean onKeepOut,
      double firstShare,
      double pitchShare,
      double motifShare) {}

  /**
   * A placed item.
   *
   * @param visible what shows of it
   */
  public record ItemView(
      double xMm,
      double yMm,
      int turnDeg,
      double share,
      BoxView visible,
      boolean onKeepOut,
      int pass) {}

  public record MarkView(int number, double exactMm, double tickMm, String text, String figure) {}

  /** A figure's why: what it is, and the sum in words. */
  public record WhyView(String figure, String text) {}
}
