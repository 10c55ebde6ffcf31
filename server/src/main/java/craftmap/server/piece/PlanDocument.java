package craftmap.server.piece;

import craftmap.core.design.DesignKind;
import craftmap.core.form.FormKind;
import craftmap.core.lay.rule.Pick;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.Way;
import craftmap.core.plan.Found;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.OutlineKind;
import craftmap.core.surface.outline.Side;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A plan as it is stored and sent: what the artist decided, lengths in millimetres at full
 * precision. {@code docs/piece-file.md} describes it for people.
 *
 * @param schema the version of this shape
 * @param faces what was found on each face, by id; a face without an entry is as the form gives it
 */
public record PlanDocument(
    int schema, String name, FormDoc form, List<FaceDoc> faces, List<LayDoc> lays) {
  public static final int SCHEMA = 3;

  private static final String OPTIONAL = "absent where it is as the form gives it";

  public PlanDocument {
    faces = faces == null ? List.of() : List.copyOf(faces);
    lays = lays == null ? List.of() : List.copyOf(lays);
  }

  /** With its photos under other ids; a photo that is not among them is forgotten. */
  public PlanDocument withPhotos(Map<String, String> newIds) {
    return new PlanDocument(
        schema,
        name,
        form,
        faces.stream()
            .map(f -> f.withBlemishes(f.blemishes().stream().map(b -> b.relinked(newIds)).toList()))
            .toList(),
        lays);
  }

  /**
   * A form of furniture with the measures that were taken; others are typical.
   *
   * @param measures lengths in millimetres, and counts
   */
  public record FormDoc(FormKind kind, Map<String, Double> measures, Map<String, String> choices) {
    public FormDoc {
      measures = measures == null ? Map.of() : Map.copyOf(measures);
      choices = choices == null ? Map.of() : Map.copyOf(choices);
    }
  }

  /** An outline by its measures, or by its points. */
  public record OutlineDoc(
      OutlineKind kind,
      Map<String, Double> measures,
      Map<String, String> choices,
      List<PointDoc> points) {
    public OutlineDoc {
      measures = measures == null ? Map.of() : Map.copyOf(measures);
      choices = choices == null ? Map.of() : Map.copyOf(choices);
      points = points == null ? List.of() : List.copyOf(points);
    }
  }

  public record PointDoc(double xMm, double yMm) {}

  public record FaceDoc(
      String id,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED, description = OPTIONAL) String name,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) OutlineDoc outline,
      MakeUp makeUp,
      Finish finish,
      String ground,
      List<Exposure> exposure,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double edgeDepthMm,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double relief,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Boolean shown,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Boolean comesOff,
      Found.Standing standing,
      boolean ownMarks,
      List<KeepOutDoc> keepOuts,
      List<HoleDoc> holes,
      List<BreakDoc> breaks,
      List<BlemishDoc> blemishes,
      List<ZoneDoc> zones) {
    public FaceDoc {
      exposure = exposure == null ? List.of() : List.copyOf(exposure);
      finish = finish == null ? Finish.BARE : finish;
      standing = standing == null ? Found.Standing.OF_THE_FORM : standing;
      keepOuts = keepOuts == null ? List.of() : List.copyOf(keepOuts);
      holes = holes == null ? List.of() : List.copyOf(holes);
      breaks = breaks == null ? List.of() : List.copyOf(breaks);
      blemishes = blemishes == null ? List.of() : List.copyOf(blemishes);
      zones = zones == null ? List.of() : List.copyOf(zones);
    }

    /** With these marks, and none of the form's any more. */
    FaceDoc withMarks(Marks marks, List<BlemishDoc> ownBlemishes) {
      return new FaceDoc(
          id,
          name,
          outline,
          makeUp,
          finish,
          ground,
          exposure,
          edgeDepthMm,
          relief,
          shown,
          comesOff,
          standing,
          true,
          marks.keepOuts().stream().map(MarkMapper::doc).toList(),
          marks.holes().stream().map(MarkMapper::doc).toList(),
          marks.breaks().stream().map(MarkMapper::doc).toList(),
          ownBlemishes,
          marks.zones().stream().map(MarkMapper::doc).toList());
    }

    FaceDoc withBlemishes(List<BlemishDoc> others) {
      return new FaceDoc(
          id,
          name,
          outline,
          makeUp,
          finish,
          ground,
          exposure,
          edgeDepthMm,
          relief,
          shown,
          comesOff,
          standing,
          ownMarks,
          keepOuts,
          holes,
          breaks,
          others,
          zones);
    }

    FaceDoc withOutline(OutlineDoc other) {
      return with(name, other, standing);
    }

    FaceDoc named(String other) {
      return with(other, outline, standing);
    }

    FaceDoc standing(Found.Standing other) {
      return with(name, outline, other);
    }

    private FaceDoc with(String otherName, OutlineDoc otherOutline, Found.Standing otherStanding) {
      return new FaceDoc(
          id,
          otherName,
          otherOutline,
          makeUp,
          finish,
          ground,
          exposure,
          edgeDepthMm,
          relief,
          shown,
          comesOff,
          otherStanding,
          ownMarks,
          keepOuts,
          holes,
          breaks,
          blemishes,
          zones);
    }
  }

  /** The kinds of area. */
  public enum AreaKind {
    UPRIGHT,
    ROUND,
    CORNERS,
    STRIP,
    RIM
  }

  /**
   * An area: an upright box by left, top, width and height; a round one by its centre and diameter;
   * one through corners; a strip of a depth along a side; the rim by its depth.
   */
  public record AreaDoc(
      AreaKind kind,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double leftMm,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double topMm,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double widthMm,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double heightMm,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double xMm,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double yMm,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double diameterMm,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double depthMm,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Side.Name side,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) List<PointDoc> points) {
    public static AreaDoc upright(double left, double top, double width, double height) {
      return new AreaDoc(
          AreaKind.UPRIGHT, left, top, width, height, null, null, null, null, null, null);
    }

    public static AreaDoc round(double x, double y, double diameter) {
      return new AreaDoc(AreaKind.ROUND, null, null, null, null, x, y, diameter, null, null, null);
    }
  }

  /**
   * A keep-out.
   *
   * @param forbids the kinds of design it keeps off; empty for all
   */
  public record KeepOutDoc(String id, String name, AreaDoc area, List<DesignKind> forbids) {
    public KeepOutDoc {
      forbids = forbids == null ? List.of() : List.copyOf(forbids);
    }
  }

  public record HoleDoc(
      String id,
      String name,
      double xMm,
      double yMm,
      double diameterMm,
      int count,
      double spacingMm,
      boolean upright) {}

  public record BreakDoc(
      String id,
      String name,
      double fromXMm,
      double fromYMm,
      double toXMm,
      double toYMm,
      double widthMm,
      double stepMm) {}

  public record BlemishDoc(
      String id,
      int number,
      String kind,
      double xMm,
      double yMm,
      double diameterMm,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String note,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String photoId) {

    /** With its photo's new id; a photo that did not come along is forgotten. */
    BlemishDoc relinked(Map<String, String> newIds) {
      return photoId == null
          ? this
          : new BlemishDoc(id, number, kind, xMm, yMm, diameterMm, note, newIds.get(photoId));
    }
  }

  public record ZoneDoc(String id, String name, String colour, AreaDoc area) {}

  /**
   * A lay.
   *
   * @param alsoOn further faces that it goes over
   * @param designId absent for lettering, which brings its own
   * @param moreDesignIds further pieces of a collage, one for each copy
   * @param cornerDesignId what sits in the corners of a border, where that is another design
   * @param paintId absent for what is not painted
   * @param clearMm it goes around what was laid before it, this far clear
   */
  public record LayDoc(
      String id,
      String faceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) List<String> alsoOn,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String designId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String cornerDesignId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) List<String> moreDesignIds,
      RuleDoc rule,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PickDoc pick,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String paintId,
      int coats,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double clearMm,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) EyeDoc eye,
      boolean hidden,
      boolean locked) {
    public LayDoc {
      alsoOn = alsoOn == null ? List.of() : List.copyOf(alsoOn);
      moreDesignIds = moreDesignIds == null ? List.of() : List.copyOf(moreDesignIds);
    }

    /** A lay as it begins. */
    static LayDoc fresh(
        String id, String faceId, String designId, RuleDoc rule, String paintId, int coats) {
      return new LayDoc(
          id, faceId, List.of(), designId, null, List.of(), rule, null, paintId, coats, null, null,
          false, false);
    }

    /** The same by the same rule with other measures. */
    public LayDoc measured(Map<String, Double> measures) {
      return ruled(
          new RuleDoc(rule.kind(), measures, rule.choices(), rule.points(), rule.text()), pick);
    }

    /** The same with other choices. */
    public LayDoc chosen(Map<String, String> choices) {
      return ruled(
          new RuleDoc(rule.kind(), rule.measures(), choices, rule.points(), rule.text()), null);
    }

    /** The same laid as it was picked among the options. */
    public LayDoc picked(Pick other) {
      return ruled(rule, new PickDoc(other.way(), other.count(), other.across()));
    }

    private LayDoc ruled(RuleDoc by, PickDoc as) {
      return new LayDoc(
          id,
          faceId,
          alsoOn,
          designId,
          cornerDesignId,
          moreDesignIds,
          by,
          as,
          paintId,
          coats,
          clearMm,
          eye,
          hidden,
          locked);
    }

    /** By another rule: what was picked and put by hand fitted the former one. */
    LayDoc by(RuleDoc other) {
      return new LayDoc(
          id,
          faceId,
          other.kind().goesOverFaces() ? alsoOn : List.of(),
          designId,
          cornerDesignId,
          other.kind() == RuleKind.COLLAGE ? moreDesignIds : List.of(),
          other,
          null,
          paintId,
          coats,
          clearMm,
          null,
          hidden,
          locked);
    }

    /** What is left of it when a face is gone: none where that was its only one. */
    Optional<LayDoc> without(String goneFaceId) {
      List<String> left =
          Stream.concat(Stream.of(faceId), alsoOn.stream())
              .filter(f -> !f.equals(goneFaceId))
              .toList();
      return left.isEmpty()
          ? Optional.empty()
          : Optional.of(
              new LayDoc(
                  id,
                  left.getFirst(),
                  left.subList(1, left.size()),
                  designId,
                  cornerDesignId,
                  moreDesignIds,
                  rule,
                  pick,
                  paintId,
                  coats,
                  clearMm,
                  eye,
                  hidden,
                  locked));
    }

    /** The same once more on another face. */
    LayDoc copiedTo(String newId, String otherFaceId, RuleDoc otherRule, EyeDoc otherEye) {
      return new LayDoc(
          newId,
          otherFaceId,
          List.of(),
          designId,
          cornerDesignId,
          moreDesignIds,
          otherRule,
          pick,
          paintId,
          coats,
          clearMm,
          otherEye,
          false,
          false);
    }
  }

  /** A rule by its measures, and by its points or words where it has any. */
  public record RuleDoc(
      RuleKind kind,
      Map<String, Double> measures,
      Map<String, String> choices,
      List<PointDoc> points,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String text) {
    public RuleDoc {
      measures = measures == null ? Map.of() : Map.copyOf(measures);
      choices = choices == null ? Map.of() : Map.copyOf(choices);
      points = points == null ? List.of() : List.copyOf(points);
    }
  }

  public record PickDoc(Way way, int count, int across) {}

  /** What the eye changes: a wobble within a tolerance, and copies put by hand. */
  public record EyeDoc(double wobbleMm, double wobbleDeg, int seed, List<HeldDoc> held) {
    public EyeDoc {
      held = held == null ? List.of() : List.copyOf(held);
    }
  }

  /** A copy put by hand, by its number in the lay, from 0. */
  public record HeldDoc(int item, double xMm, double yMm, double turnDeg) {}

  /** Whether a lay names the design, be it for its corners or as a further piece. */
  public boolean uses(String designId) {
    return lays.stream()
        .anyMatch(
            l ->
                designId.equals(l.designId())
                    || designId.equals(l.cornerDesignId())
                    || l.moreDesignIds().contains(designId));
  }

  /** The same plan with other lays. */
  public PlanDocument withLays(List<LayDoc> others) {
    return new PlanDocument(schema, name, form, faces, others);
  }
}
