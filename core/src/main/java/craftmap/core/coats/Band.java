package craftmap.core.coats;

import craftmap.core.log.Topic;
import craftmap.core.medium.Role;
import craftmap.core.medium.Tool;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** One band of a build-up, as one would see it in a cut through the face. */
public sealed interface Band {
  String LAY = "lay:";
  String ADDED = "own:";

  /** What a band that the artist did not add is known by. */
  String PRIMER = "primer";

  String GROUND = "ground";
  String SEAL = "seal";
  String WAX = "wax";

  String key();

  Stage stage();

  /** Whether the artist had a hand in it; else it is as it is proposed. */
  boolean own();

  static boolean isLay(String key) {
    return key.startsWith(LAY);
  }

  static boolean isAdded(String key) {
    return key.startsWith(ADDED);
  }

  /**
   * Preparation, or something done between coats for its looks.
   *
   * @param passes how often
   * @param grits of the papers, the coarsest first
   * @param of what it takes out of a pot; none where it takes nothing
   * @param where on the group it is done
   */
  record Step(
      StepKind kind, boolean own, int passes, List<Integer> grits, Optional<InHand> of, Where where)
      implements Band {
    public Step {
      grits = List.copyOf(grits);
    }

    @Override
    public String key() {
      return kind.key();
    }

    @Override
    public Stage stage() {
      return kind.stage();
    }
  }

  /**
   * One medium put on with one tool.
   *
   * @param timesChosen the artist said how many; else it is as many as it takes
   * @param grit it is sanded with between its coats
   */
  record Coat(
      String key,
      Stage stage,
      boolean own,
      InHand of,
      Tool tool,
      int times,
      boolean timesChosen,
      Where where,
      OptionalInt grit,
      double waterShare)
      implements Band {
    /** The same of something else. */
    Coat of(InHand other) {
      return new Coat(key, stage, own, other, tool, times, timesChosen, where, grit, waterShare);
    }

    /** The same so often. */
    Coat times(int other) {
      return new Coat(key, stage, own, of, tool, other, timesChosen, where, grit, waterShare);
    }

    /** What is wiped back again goes another way than what stays as it is put on. */
    public String goesWith() {
      return where instanceof Where.WipedBack ? Topic.WIPED_BACK : tool.kind().name();
    }

    public Role role() {
      return of.medium().kind().role();
    }

    public boolean isUsedAs(Role role) {
      return of.isUsedAs(role);
    }

    /** What hides, in part, what is under it. */
    public boolean isOpaque() {
      return switch (role()) {
        case PRIMER, STAIN_BLOCKER, BONDING_PRIMER, PAINT, PASTE, FILLER, CLAY, POWDER -> true;
        case METALLIC_WAX -> true;
        case CLEANER,
            STRIPPER,
            SIZE,
            ADHESIVE,
            CONTACT_ADHESIVE,
            DECOUPAGE_MEDIUM,
            GLAZE,
            STAIN,
            CLEAR_COAT,
            WAX,
            RESIN ->
            false;
      };
    }

    /** How much of what is under it one coat takes away from the eye. */
    public double hides() {
      double share = of.medium().coverage().hides();
      double put = where instanceof Where.WipedBack ? Where.WipedBack.STAYS : 1;
      return switch (role()) {
        // clear as glass, but for what is stirred into it
        case CLEAR_COAT,
            SIZE,
            ADHESIVE,
            CONTACT_ADHESIVE,
            DECOUPAGE_MEDIUM,
            RESIN,
            CLEANER,
            STRIPPER ->
            0;
        case WAX -> isDarkWax() ? share * put : 0;
        case PRIMER,
            STAIN_BLOCKER,
            BONDING_PRIMER,
            PAINT,
            PASTE,
            FILLER,
            CLAY,
            POWDER,
            METALLIC_WAX,
            GLAZE,
            STAIN ->
            share * put;
      };
    }

    /** Wax with colour in it. */
    public boolean isDarkWax() {
      return role() == Role.WAX && of.isDark();
    }

    public boolean isClearWax() {
      return role() == Role.WAX && !isDarkWax();
    }

    /** What dries to a skin. */
    public boolean isFilm() {
      return switch (role()) {
        case PRIMER,
            STAIN_BLOCKER,
            BONDING_PRIMER,
            PAINT,
            GLAZE,
            CLEAR_COAT,
            DECOUPAGE_MEDIUM,
            RESIN,
            PASTE ->
            true;
        case CLEANER,
            STRIPPER,
            FILLER,
            SIZE,
            ADHESIVE,
            CONTACT_ADHESIVE,
            CLAY,
            STAIN,
            WAX,
            METALLIC_WAX,
            POWDER ->
            false;
      };
    }
  }

  /** Where a lay stands among the coats. */
  record OfLay(LayHere lay, Stage stage) implements Band {
    @Override
    public String key() {
      return lay.key();
    }

    @Override
    public boolean own() {
      return true;
    }
  }
}
