package craftmap.server.piece.document;

import craftmap.core.coats.Habits;
import craftmap.core.coats.Place;
import craftmap.core.coats.StepKind;
import craftmap.core.medium.ToolKind;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * What was decided on the coats of a piece.
 *
 * @param habits absent where they are as usual
 */
public record CoatsDoc(
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) HabitsDoc habits,
    List<GroupDoc> groups) {
  public CoatsDoc {
    groups = groups == null ? List.of() : List.copyOf(groups);
  }

  /** Schools; each absent where it is as usual. */
  public record HabitsDoc(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Habits.Primer primer,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Habits.Seal seal,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Habits.DarkWax darkWax,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Habits.Relief relief,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Habits.Lift lift) {}

  /**
   * Faces, zones and parts that get the same coats.
   *
   * @param name empty while it is called by what is in it
   */
  public record GroupDoc(
      String id,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String name,
      List<PlaceDoc> places,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) WishesDoc wishes) {
    public GroupDoc {
      places = places == null ? List.of() : List.copyOf(places);
    }
  }

  /**
   * A face; with a zone, that zone of it; with parts instead of a face, those.
   *
   * @param areaMm2 of parts, as it was measured; absent where it follows from the form
   */
  public record PlaceDoc(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String faceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String zoneId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Place.Parts parts,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double areaMm2) {}

  /** What was changed in a build-up; all the rest is proposed. */
  public record WishesDoc(
      List<CoatWishDoc> coats,
      List<StepKind> steps,
      List<String> without,
      List<String> order,
      List<OverruledDoc> overruled) {
    public WishesDoc {
      coats = coats == null ? List.of() : List.copyOf(coats);
      steps = steps == null ? List.of() : List.copyOf(steps);
      without = without == null ? List.of() : List.copyOf(without);
      order = order == null ? List.of() : List.copyOf(order);
      overruled = overruled == null ? List.of() : List.copyOf(overruled);
    }
  }

  /**
   * What was decided about one coat; what is absent is as it is proposed.
   *
   * @param band the key of its band: primer, ground, seal, wax, or own: and an id
   */
  public record CoatWishDoc(
      String band,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) ProductDoc product,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Integer times,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) ToolKind tool,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) WhereDoc where,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Integer grit,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double waterShare) {}

  /** A pot of the shelf, a kind of medium that is not owned, or a colour that is tried on. */
  public record ProductDoc(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String potId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String generic,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String asIf) {}

  /** Where a coat goes. */
  public enum WhereKind {
    ALL,
    EDGES,
    HIGH_SPOTS,
    RECESSES,
    WIPED_BACK,
    SPLATTER,
    BLENDED,
    POURED
  }

  /**
   * Where a coat goes.
   *
   * @param widthMm of a band along the edges, or in which a blend is worked together
   * @param share of high spots, recesses or splatter, or of the length of all edges; 0 to 1
   * @param from where the zone of a blend begins, as a share of the height from the foot up
   * @param to where it ends
   * @param thicknessMm of a pour
   */
  public record WhereDoc(
      WhereKind kind,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double widthMm,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double share,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double from,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double to,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double thicknessMm) {
    static WhereDoc of(WhereKind kind) {
      return new WhereDoc(kind, null, null, null, null, null);
    }

    static WhereDoc of(WhereKind kind, double share) {
      return new WhereDoc(kind, null, share, null, null, null);
    }
  }

  /** A finding that stays with a note. */
  public record OverruledDoc(String rule, String band, String note) {}
}
