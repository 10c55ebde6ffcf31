package craftmap.server.shelf;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.design.Card;
import craftmap.core.design.DesignKind;
import craftmap.core.design.MotifBox;
import craftmap.core.design.Rights;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import craftmap.server.fields.Answers;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;

/**
 * A design as it is told: its card, the answers to what its kind asks, and its artwork.
 *
 * @param background the colour it is printed on; read from the picture where it is not given
 */
public record DesignGiven(
    DesignKind kind,
    String name,
    String motif,
    String note,
    Rights rights,
    Answers answers,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String artworkId,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String background,
    List<MotifDoc> motifs) {
  private static final int MOST_MOTIFS = 60;

  /** A named part of the picture, in millimetres on the sheet. */
  public record MotifDoc(
      String name, double leftMm, double topMm, double widthMm, double heightMm, int importance) {
    MotifBox toMotif() {
      if (!(widthMm > 0) || !(heightMm > 0) || !Double.isFinite(leftMm + topMm)) {
        throw new RefusedInput(
            said("motif-box-2", given(name)),
            said("across-by-down", mm(widthMm), mm(heightMm)),
            said("has-no-size"),
            said("above-0"));
      }
      return new MotifBox(name, new Box(leftMm, topMm, widthMm, heightMm), importance);
    }

    static MotifDoc of(MotifBox m) {
      Box b = m.box();
      return new MotifDoc(
          m.name(), b.leftMm(), b.topMm(), b.widthMm(), b.heightMm(), m.importance());
    }
  }

  public DesignGiven {
    if (kind == null) {
      throw new RefusedInput(
          "kind", said("empty"), said("is-missing"), said("one-of-the-kinds-of-design"));
    }
    rights = rights == null ? Rights.ASK_FIRST : rights;
    answers = answers == null ? Answers.NONE : answers;
    motifs = motifs == null ? List.of() : List.copyOf(motifs);
    if (motifs.size() > MOST_MOTIFS) {
      throw new RefusedInput(
          "motif-boxes",
          given(motifs.size()),
          said("are-too-many"),
          said("at-most", given(MOST_MOTIFS)));
    }
  }

  /** Plain properties, without artwork. */
  public static DesignGiven plain(DesignKind kind, String name, Rights rights, Answers answers) {
    return new DesignGiven(kind, name, "", "", rights, answers, null, null, List.of());
  }

  Card card(String id) {
    return new Card(id, name, motif, note, rights);
  }

  public Optional<String> artwork() {
    return Optional.ofNullable(artworkId).filter(a -> !a.isEmpty());
  }

  List<MotifBox> motifBoxes() {
    return motifs.stream().map(MotifDoc::toMotif).toList();
  }
}
