package craftmap.server.piece.view;

import craftmap.core.design.CustomCut;
import craftmap.core.design.NamedPart;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.medium.Role;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.SetOutLine;
import craftmap.server.fields.FieldView;
import craftmap.server.piece.document.PickDoc;
import craftmap.server.piece.document.PointDoc;
import craftmap.server.words.Measure;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * One lay.
 *
 * @param lead whether this is the face it was laid on, where what it takes is counted
 * @param alsoOn further faces that it goes over
 * @param zone the zone that it aims at; absent for all of the face
 * @param goesOverFaces whether it may go over further ones
 * @param pieces of a collage, one for each copy
 * @param motifs named parts of a picture that may be cut off
 * @param parts what of its picture is laid; absent where nothing can be cut out of it
 * @param film what is cut to size for it; absent where nothing is
 * @param shownIn the colour it shows in
 * @param putOn absent for what nothing out of a pot is needed for
 * @param fields the rule's measures
 * @param suits the rules that suit the design
 * @param handles what can be gripped on the map
 * @param laid what it comes to; absent where it does not fit, and {@code notes} say why
 */
public record LayView(
    String id,
    String faceId,
    boolean lead,
    List<String> alsoOn,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) AimView zone,
    boolean goesOverFaces,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String designId,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String cornerDesignId,
    List<CollagePieceView> pieces,
    List<String> motifs,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PartsView parts,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) FilmView film,
    String designName,
    String kindText,
    String title,
    String where,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String potId,
    String potName,
    String shownIn,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PutOnView putOn,
    RuleKind rule,
    String ruleText,
    List<RuleChoice> suits,
    List<FieldView> fields,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String text,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Measure clear,
    EyeView eye,
    boolean hidden,
    boolean locked,
    List<HandleView> handles,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) LaidView laid,
    List<ReadingView.NoteView> notes) {

  /**
   * What it is cut from.
   *
   * @param rollName the roll on the shelf; absent where none there is wide enough
   */
  public record FilmView(
      CustomCut.Film of,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String rollName) {}

  /**
   * What it is put on with, out of a pot.
   *
   * @param roles what may be taken for it, the usual one first
   */
  public record PutOnView(List<Role> roles, String text) {}

  /**
   * A zone that a lay aims at, and where it begins on the face: what is put by hand is measured
   * from there.
   */
  public record AimView(String id, String name, PointDoc at) {}

  /**
   * What of a picture is laid.
   *
   * @param names what may be laid alone; empty while no part has a name
   * @param chosen absent where all of it is laid
   */
  public record PartsView(
      List<String> names,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String chosen,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Measure border,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) NamedPart.PartEdge edge) {}

  public record RuleChoice(RuleKind kind, String text) {}

  /** One piece of a collage. */
  public record CollagePieceView(String designId, String name) {}

  /**
   * A sheet with what is cut from it.
   *
   * @param art the sheet's own picture
   * @param savings named parts that are left over and may be kept
   */
  public record CutSheetView(
      int number, String title, ArtView art, List<SheetPartView> parts, List<SavingView> savings) {}

  /**
   * A part to cut.
   *
   * @param cut in the coordinates of the sheet
   * @param shape what of it shows, as path data on the sheet
   * @param placeText where it is cut, from the left and top edges of the sheet, or of the section
   */
  public record SheetPartView(
      int number,
      String faceName,
      String sizeText,
      String placeText,
      String motifsText,
      ReadingView.BoxView cut,
      String shape) {}

  /** A named part that the faces do not take. */
  public record SavingView(String name, String sizeText, ReadingView.BoxView box, boolean kept) {}

  /**
   * What the eye changes.
   *
   * @param text what came of it; empty where the rule has the last word
   */
  public record EyeView(Measure wobble, double wobbleDeg, int seed, int held, String text) {}

  public record LaidView(
      List<OptionView> options,
      int chosen,
      LayReading.PickState pickState,
      String pickText,
      List<ArtView> arts,
      List<ItemView> items,
      List<SetOutView> setOuts,
      int positions,
      int passes,
      int washes,
      String positionsText,
      double potMl,
      String potText,
      String coatsText,
      List<TakesView> takes,
      List<WhyView> why,
      List<CutSheetView> sheets) {}

  /**
   * An option.
   *
   * @param strip its line in small, for what runs along one
   */
  public record OptionView(
      String way,
      int count,
      int across,
      String title,
      String detail,
      String reason,
      boolean onKeepOut,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) StripView strip) {}

  /**
   * A line in small, in shares of its length.
   *
   * @param first where the first motif begins; below 0 when it runs off
   * @param pitch from one motif to the next
   * @param motif how much of the line one motif takes
   */
  public record StripView(double first, double pitch, double motif) {}

  /**
   * What an item shows, in the millimetres of its own sheet.
   *
   * @param designId a stencil of the shelf, whose openings the reader has already
   * @param pathData openings or an outline of its own
   * @param address where a picture is
   * @param shade a plain colour, where it has neither
   * @param look how it is drawn
   * @param blend its colours from the edge to the middle, for a painted zone
   */
  public record ArtView(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String designId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String pathData,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String address,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String shade,
      double sheetWidthMm,
      double sheetHeightMm,
      ReadingView.BoxView print,
      ArtLook look,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) BlendView blend) {}

  /** How an art is drawn. */
  public enum ArtLook {
    PLAIN,
    /** The ground shines through. */
    THIN,
    METAL,
    GAUZE,
    ZONE
  }

  /**
   * Colours that meet.
   *
   * @param way blended, washed, dry brushed at the edges or splattered
   * @param reach how far the outer colour reaches in, as a share of half the face
   */
  public record BlendView(String way, List<String> colours, double reach) {}

  /**
   * A placed item: first scaled and turned over, then turned, then moved.
   *
   * @param art its number among the arts
   * @param clip what of it shows, as path data on the face; absent where all of it does
   * @param twin the same copy once more where it goes on beyond the seam; not counted
   */
  public record ItemView(
      double xMm,
      double yMm,
      double turnDeg,
      boolean mirrored,
      double scale,
      double share,
      int art,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String clip,
      boolean onKeepOut,
      boolean twin,
      int pass) {}

  /**
   * What to tick.
   *
   * @param title "Set-out, from the left edge"
   */
  public record SetOutView(
      SetOutLine.Along along,
      String title,
      String tapeText,
      String roundingText,
      List<MarkView> marks) {}

  /**
   * A mark.
   *
   * @param at where it is on the face, where the tape does not lie along an edge
   */
  public record MarkView(
      int number,
      double exactMm,
      double tickMm,
      String text,
      String figure,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PointDoc at) {}

  /** Something a lay takes, with its why. */
  public record TakesView(String name, String text, String note, List<WhyView> why) {}

  /** A figure's why: what it is, and the sum in words. */
  public record WhyView(String figure, String text) {}

  /** What gripping does. */
  public enum HandleRole {
    /** Carries the whole lay. */
    CARRY,
    /** Changes a measure. */
    SIZE,
    /** Turns the lay about a point. */
    TURN,
    /** Steps to the option with one copy more or fewer. */
    COUNT
  }

  /**
   * Something to grip.
   *
   * @param box the strip that is gripped instead of a knob
   * @param about what a turning handle turns about
   * @param moves the measures that follow the hand
   * @param sets choices that gripping makes, such as "put by hand"
   * @param picks the option that is laid by that: what is put by hand stays where it is put
   */
  public record HandleView(
      String id,
      HandleRole role,
      String label,
      double xMm,
      double yMm,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) ReadingView.BoxView box,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PointDoc about,
      String valueText,
      List<MoveView> moves,
      List<SetView> sets,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PickDoc picks) {
    /** The same, seen from a point that lies this far up and to the left. */
    HandleView movedBy(double dxMm, double dyMm) {
      return new HandleView(
          id,
          role,
          label,
          xMm + dxMm,
          yMm + dyMm,
          box == null
              ? null
              : new ReadingView.BoxView(
                  box.leftMm() + dxMm, box.topMm() + dyMm, box.widthMm(), box.heightMm()),
          about == null ? null : new PointDoc(about.xMm() + dxMm, about.yMm() + dyMm),
          valueText,
          moves,
          sets,
          picks);
    }
  }

  /**
   * A measure that follows the hand: its value changes by so much for each millimetre.
   *
   * @param key the measure's, or {@code point.0.x} for a point
   */
  public record MoveView(
      String key, double value, double perXMm, double perYMm, double least, double most) {}

  public record SetView(String key, String value) {}

  /** The items of one option, to be drawn as they would lie. */
  public record OptionItems(
      String way, int count, int across, List<ArtView> arts, List<ItemView> items) {}
}
