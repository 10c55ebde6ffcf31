package craftmap.core.plan;

import craftmap.core.lay.Eye;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Pick;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.medium.StencilPaint;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * One decision: this design goes on this face by this rule, in this paint.
 *
 * @param designId a design of the shelf; none for lettering, which brings its own
 * @param alsoOn further faces that it goes over, as one picture does over the fronts of drawers
 * @param cornerDesignId what sits in the corners of a border, where that is another design
 * @param moreDesignIds further pieces of a collage, one for each copy
 * @param pick the artist's own choice among the options; none to follow the best
 * @param paintId what it is painted, or pasted, with; none for what is not
 * @param clearMm it goes around what was laid before it, this far clear; none where it does not
 * @param hidden not drawn; it counts all the same
 * @param locked not to be changed by a slip of the hand
 */
public record Lay(
    String id,
    String faceId,
    List<String> alsoOn,
    Optional<String> designId,
    Optional<String> cornerDesignId,
    List<String> moreDesignIds,
    LayRule rule,
    Optional<Pick> pick,
    Optional<String> paintId,
    int coats,
    OptionalDouble clearMm,
    Eye eye,
    boolean hidden,
    boolean locked) {
  private static final int MOST_FACES = 40;
  private static final int MOST_PIECES = 120;

  public Lay {
    alsoOn = List.copyOf(alsoOn);
    moreDesignIds = List.copyOf(moreDesignIds);
    if (alsoOn.size() >= MOST_FACES
        || alsoOn.contains(faceId)
        || alsoOn.stream().distinct().count() < alsoOn.size()) {
      throw new RefusedInput(
          "Faces of the lay",
          alsoOn.size() + 1 + " faces",
          "are too many, or one is there twice",
          "each face once, at most " + MOST_FACES);
    }
    if (!alsoOn.isEmpty() && !rule.kind().goesOverFaces()) {
      throw new RefusedInput(
          "Faces of the lay",
          alsoOn.size() + 1 + " faces",
          "are more than this rule lays at once",
          "one face, or a picture across, or sheets over faces");
    }
    if (moreDesignIds.size() >= MOST_PIECES) {
      throw new RefusedInput(
          "Pieces of the collage",
          moreDesignIds.size() + 1 + "",
          "are too many",
          "at most " + MOST_PIECES);
    }
    if (coats < 1 || coats > StencilPaint.MOST_COATS) {
      throw new RefusedInput(
          "Coats", "" + coats, "is not a number of coats", "1 to " + StencilPaint.MOST_COATS);
    }
    if (clearMm.isPresent()) {
      LengthRange.DISTANCE.check("Clear of what is there by", clearMm.getAsDouble());
    }
    if (designId.isEmpty() && rule.kind().needsDesign()) {
      throw new RefusedInput("Design", "none", "is missing", "a design of the shelf");
    }
  }

  /** A lay as it begins: nothing picked, nothing by eye. */
  public static Lay fresh(
      String id,
      String faceId,
      Optional<String> designId,
      LayRule rule,
      Optional<String> paintId,
      int coats) {
    return new Lay(
        id,
        faceId,
        List.of(),
        designId,
        Optional.empty(),
        List.of(),
        rule,
        Optional.empty(),
        paintId,
        coats,
        OptionalDouble.empty(),
        Eye.NONE,
        false,
        false);
  }

  public Lay withPick(Pick other) {
    return new Lay(
        id,
        faceId,
        alsoOn,
        designId,
        cornerDesignId,
        moreDesignIds,
        rule,
        Optional.of(other),
        paintId,
        coats,
        clearMm,
        eye,
        hidden,
        locked);
  }

  /** All faces it goes over, the first one being its own. */
  public List<String> faceIds() {
    return Stream.concat(Stream.of(faceId), alsoOn.stream()).toList();
  }

  public boolean isOn(String otherFaceId) {
    return faceId.equals(otherFaceId) || alsoOn.contains(otherFaceId);
  }
}
