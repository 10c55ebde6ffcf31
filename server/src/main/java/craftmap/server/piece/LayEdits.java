package craftmap.server.piece;

import static craftmap.server.piece.Given.given;

import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.lay.rule.Across;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.PlanReader;
import craftmap.core.plan.Proposal;
import craftmap.core.plan.Shelf;
import craftmap.core.surface.Face;
import craftmap.core.surface.outline.Outline;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * Changes of a plan's lays that need sums: a design laid by the rule that suits it, another rule, a
 * lay copied to other faces or mirrored to the pair. Nothing is saved here.
 */
final class LayEdits {
  /** What can be done. */
  enum LayEditKind {
    LAY_DESIGN,
    LAY_WORDS,
    OTHER_RULE,
    COPY,
    COPY_TO_ALIKE,
    MIRROR
  }

  /** An edit. */
  record LayEdit(
      LayEditKind kind,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String faceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String layId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String designId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) RuleKind rule,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String text) {}

  /** The changed plan, the lay to look at, and the change in words. */
  record LayEdited(PlanDocument document, String faceId, String layId, String summary) {}

  private static final int TYPICAL_COATS = 2;

  /** Paint whose luminance is nearer to the ground's than this would hardly show. */
  private static final double SHOWS_FROM = 0.2;

  /** Faces as large as each other within this share take the same lay. */
  private static final double ALIKE = 0.02;

  private final PlanDocument document;
  private final Plan plan;
  private final Shelf shelf;
  private final PlanReader reader;
  private final List<String> paints;

  private LayEdits(PlanDocument document, Shelf shelf, PlanReader reader, List<String> paints) {
    this.document = document;
    this.plan = PlanMapper.toPlan(document);
    this.shelf = shelf;
    this.reader = reader;
    this.paints = paints;
  }

  /** Makes an edit; {@code paints} are the paints at hand, the likeliest first. */
  static LayEdited edit(
      PlanDocument document, Shelf shelf, PlanReader reader, List<String> paints, LayEdit edit) {
    LayEdited edited = new LayEdits(document, shelf, reader, paints).run(edit);
    PlanMapper.toPlan(edited.document());
    return edited;
  }

  private LayEdited run(LayEdit edit) {
    return switch (given("Kind of edit", edit.kind())) {
      case LAY_DESIGN -> layDesign(face(edit.faceId()), given("Design", edit.designId()));
      case LAY_WORDS -> layWords(face(edit.faceId()), edit.text());
      case OTHER_RULE -> otherRule(lay(edit.layId()), given("Rule", edit.rule()));
      case COPY -> copy(lay(edit.layId()), List.of(face(edit.faceId())), false);
      case COPY_TO_ALIKE -> copyToAlike(lay(edit.layId()));
      case MIRROR -> copy(lay(edit.layId()), List.of(face(edit.faceId())), true);
    };
  }

  private Face face(String id) {
    String wanted = given("Face", id);
    return plan.faces().stream()
        .map(PlanFace::face)
        .filter(f -> f.id().equals(wanted))
        .findFirst()
        .orElseThrow(
            () -> new RefusedInput("Face", wanted, "is not on this piece", "one of its faces"));
  }

  private PlanDocument.LayDoc lay(String id) {
    String wanted = given("Lay", id);
    return document.lays().stream()
        .filter(l -> l.id().equals(wanted))
        .findFirst()
        .orElseThrow(
            () -> new RefusedInput("Lay", wanted, "is not in this plan", "one of its lays"));
  }

  private Design design(String id) {
    return shelf
        .design(id)
        .orElseThrow(() -> new RefusedInput("Design", id, "is not on the shelf", "one that is"));
  }

  private List<LayReading> laid(Face face) {
    return reader.on(face.id(), plan);
  }

  private LayEdited layDesign(Face face, String designId) {
    Design design = design(designId);
    LayRule rule =
        Proposal.of(face, design, laid(face))
            .map(Proposal::rule)
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "Design",
                        design.name(),
                        "is laid by no rule",
                        "a design that some rule suits"));
    LayRule laid = rule instanceof Across across && isInset(face) ? across.trimmedBy(0) : rule;
    PlanDocument.LayDoc lay = fresh(face, designId, laid, LayViews.isPainted(design));
    return with(lay, face, Words.say("layEdit.laid", design.name()));
  }

  /** An inset meets a raised edge all round: nothing can be trimmed there. */
  private boolean isInset(Face face) {
    return plan.faces().stream()
        .anyMatch(p -> p.face().id().equals(face.id()) && p.setInto().isPresent());
  }

  private LayEdited layWords(Face face, String text) {
    LayRule typical = Proposal.ofKind(RuleKind.LETTERING, face, NO_DESIGN, List.of());
    LayRule rule =
        text == null || text.isBlank()
            ? typical
            : RuleKind.read(
                new craftmap.core.lay.rule.RuleNote(
                    RuleKind.LETTERING,
                    typical.note().measures(),
                    typical.note().choices(),
                    List.of(),
                    text));
    return with(fresh(face, null, rule, true), face, Words.say("layEdit.words"));
  }

  /** Dots of any size stand in where a rule asks for sizes that lettering does not have. */
  private static final Design NO_DESIGN =
      DesignKind.DOTS.read(
          new craftmap.core.design.Card(
              "none", "None", "", "", craftmap.core.design.Rights.MAY_BE_SOLD),
          craftmap.core.measure.MeasureSheet.blank(),
          Optional.empty());

  private PlanDocument.LayDoc fresh(Face face, String designId, LayRule rule, boolean painted) {
    return PlanDocument.LayDoc.fresh(
        newId(),
        face.id(),
        designId,
        PlanMapper.doc(rule.note()),
        painted ? paintFor(face).orElse(null) : null,
        TYPICAL_COATS);
  }

  /** A paint that shows on this ground. */
  private Optional<String> paintFor(Face face) {
    double ground = face.ground().luminance();
    return paints.stream()
        .filter(p -> shelf.paint(p).isPresent())
        .filter(
            p -> Math.abs(shelf.paint(p).orElseThrow().colour().luminance() - ground) > SHOWS_FROM)
        .findFirst()
        .or(() -> paints.stream().findFirst());
  }

  private LayEdited otherRule(PlanDocument.LayDoc lay, RuleKind kind) {
    Face face = face(lay.faceId());
    Design design = lay.designId() == null ? NO_DESIGN : design(lay.designId());
    List<LayReading> others =
        laid(face).stream().filter(r -> !r.lay().id().equals(lay.id())).toList();
    LayRule rule = Proposal.ofKind(kind, face, design, others);
    PlanDocument.LayDoc changed = lay.by(PlanMapper.doc(rule.note()));
    List<PlanDocument.LayDoc> lays =
        document.lays().stream().map(l -> l.id().equals(lay.id()) ? changed : l).toList();
    return new LayEdited(
        document.withLays(lays),
        lay.faceId(),
        lay.id(),
        Words.say("layEdit.rule", Words.say("rule", kind)));
  }

  /** To all other faces that are as large, as the drawers of a chest are. */
  private LayEdited copyToAlike(PlanDocument.LayDoc lay) {
    Outline own = face(lay.faceId()).outline();
    List<Face> alike =
        plan.faces().stream()
            .filter(PlanFace::shown)
            .map(PlanFace::face)
            .filter(f -> !f.id().equals(lay.faceId()))
            .filter(
                f ->
                    f.outline().note().kind() == own.note().kind()
                        && near(f.outline().widthMm(), own.widthMm())
                        && near(f.outline().heightMm(), own.heightMm()))
            .toList();
    if (alike.isEmpty()) {
      throw new RefusedInput(
          "Faces alike",
          face(lay.faceId()).name(),
          "has no other face of its size",
          "a copy to one face");
    }
    return copy(lay, alike, false);
  }

  private static boolean near(double a, double b) {
    return Math.abs(a - b) <= ALIKE * Math.max(a, b);
  }

  private LayEdited copy(PlanDocument.LayDoc lay, List<Face> to, boolean mirrored) {
    LayRule rule = PlanMapper.toRule(lay.rule());
    double width = face(lay.faceId()).outline().widthMm();
    PlanDocument.RuleDoc doc = mirrored ? PlanMapper.doc(rule.mirrored(width).note()) : lay.rule();
    List<PlanDocument.LayDoc> lays = new ArrayList<>(document.lays());
    String lastId = lay.id();
    for (Face face : to) {
      PlanDocument.LayDoc copy = lay.copiedTo(newId(), face.id(), doc, mirrored ? null : lay.eye());
      lays.add(copy);
      lastId = copy.id();
    }
    String names = to.size() == 1 ? to.getFirst().name() : Words.say("layEdit.faces", to.size());
    return new LayEdited(
        document.withLays(lays),
        to.getLast().id(),
        lastId,
        Words.say(mirrored ? "layEdit.mirrored" : "layEdit.copied", names));
  }

  private LayEdited with(PlanDocument.LayDoc lay, Face face, String summary) {
    List<PlanDocument.LayDoc> lays = new ArrayList<>(document.lays());
    lays.add(lay);
    return new LayEdited(document.withLays(lays), face.id(), lay.id(), summary);
  }

  private static String newId() {
    return UUID.randomUUID().toString();
  }
}
