package craftmap.server.piece;

import static craftmap.server.piece.Given.given;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Found;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plane.Point;
import craftmap.core.surface.Face;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OutlineKind;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Changes of a plan that need sums: a face's marks copied or turned over to another, a face made
 * another shape, duplicated, added, taken off or brought back. Each takes a plan and gives the
 * changed one; nothing is saved here.
 */
final class PlanEdits {
  /** What can be done. */
  enum Kind {
    COPY_MARKS,
    MIRROR_MARKS,
    OWN_MARKS,
    RESHAPE,
    DUPLICATE_FACE,
    ADD_FACE,
    TAKE_OFF,
    BRING_BACK
  }

  /**
   * An edit.
   *
   * @param outline the kind of outline wanted, to reshape or to add
   */
  record Edit(
      Kind kind,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String faceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String toFaceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) OutlineKind outline) {}

  /** The changed plan, the face to look at, and the change in words. */
  record Edited(PlanDocument document, String faceId, String summary) {}

  private final PlanDocument document;
  private final Plan plan;

  private PlanEdits(PlanDocument document) {
    this.document = document;
    this.plan = PlanMapper.toPlan(document);
  }

  static Edited edit(PlanDocument document, Edit edit) {
    Edited edited = new PlanEdits(document).run(edit);
    PlanMapper.toPlan(edited.document());
    return edited;
  }

  private Edited run(Edit edit) {
    return switch (given("Kind of edit", edit.kind())) {
      case COPY_MARKS -> handOver(edit, false);
      case MIRROR_MARKS -> handOver(edit, true);
      case OWN_MARKS -> ownMarks(face(edit.faceId()));
      case RESHAPE -> reshape(face(edit.faceId()), given("Outline", edit.outline()));
      case DUPLICATE_FACE -> duplicate(face(edit.faceId()));
      case ADD_FACE -> add(given("Outline", edit.outline()));
      case TAKE_OFF -> takeOff(face(edit.faceId()));
      case BRING_BACK -> bringBack(given("Face", edit.faceId()));
    };
  }

  private PlanFace face(String id) {
    String wanted = given("Face", id);
    return plan.faces().stream()
        .filter(f -> f.face().id().equals(wanted))
        .findFirst()
        .orElseThrow(
            () -> new RefusedInput("Face", wanted, "is not on this piece", "one of its faces"));
  }

  /** Damage is not copied: it is where it is. */
  private Edited handOver(Edit edit, boolean turned) {
    Face from = face(edit.faceId()).face();
    PlanFace to = face(edit.toFaceId());
    Marks all = from.marks().withoutBlemishes();
    Marks marks = turned ? all.mirrored(from.outline().widthMm()) : all;
    PlanDocument.FaceDoc target = entry(to.face().id());
    PlanDocument.FaceDoc withMarks =
        target.withMarks(marks.renamed(PlanEdits::newId), target.blemishes());
    return new Edited(
        with(withMarks),
        to.face().id(),
        Words.say(turned ? "edit.mirrored" : "edit.copied", from.name(), to.face().name()));
  }

  private Edited ownMarks(PlanFace face) {
    PlanDocument.FaceDoc entry = entry(face.face().id());
    return new Edited(
        with(entry.withMarks(face.face().marks(), entry.blemishes())),
        face.face().id(),
        Words.say("edit.own", face.face().name()));
  }

  private Edited reshape(PlanFace face, OutlineKind kind) {
    Face f = face.face();
    PlanDocument.OutlineDoc outline = asLargeAs(kind, f.outline());
    return new Edited(
        with(entry(f.id()).withOutline(outline)),
        f.id(),
        Words.say("edit.reshaped", f.name(), Words.say("outline", kind)));
  }

  /** An outline of a kind in the box of another: its sizes taken over as far as they go. */
  private static PlanDocument.OutlineDoc asLargeAs(OutlineKind kind, Outline now) {
    double w = now.widthMm();
    double h = now.heightMm();
    Map<String, Double> measures = new HashMap<>();
    List<Point> points = List.of();
    switch (kind) {
      case RECTANGLE, ROUNDED, OVAL, ARCH, FRAME -> {
        measures.put("width", w);
        measures.put("height", h);
      }
      case CIRCLE -> measures.put("diameter", Math.min(w, h));
      case TRAPEZIUM -> {
        measures.put("top", w);
        measures.put("bottom", w);
        measures.put("height", h);
      }
      case OUT_OF_SQUARE -> {
        // the rest follows from these until it is taped, so that taping one after the other never
        // passes through a shape that cannot be
        measures.put("top", w);
        measures.put("right", h);
      }
      case POLYGON ->
          points = List.of(new Point(0, 0), new Point(w, 0), new Point(w, h), new Point(0, h));
      case SIDES_AND_DIAGONALS -> {
        measures.put("sides", 4.0);
        measures.put("side1", w);
        measures.put("side2", h);
      }
      case CYLINDER -> {
        measures.put("circumference", w);
        measures.put("height", h);
      }
      case CONE -> {
        measures.put("top", w);
        measures.put("bottom", w * 0.8);
        measures.put("slant", h);
      }
      case BULGE -> {
        measures.put("across", Math.min(w, h));
        measures.put("radius", Math.min(w, h));
      }
    }
    if (kind == OutlineKind.ROUNDED) {
      measures.put("radius", Math.min(w, h) / 8);
    } else if (kind == OutlineKind.ARCH) {
      measures.put("rise", Math.min(w, h) / 4);
    } else if (kind == OutlineKind.FRAME) {
      measures.put("side", Math.min(w, h) / 6);
    }
    kind.read(new MeasureSheet(measures, Map.of()), points);
    return new PlanDocument.OutlineDoc(
        kind, measures, Map.of(), points.stream().map(MarkMapper::doc).toList());
  }

  private Edited duplicate(PlanFace face) {
    Face f = face.face();
    String id = "face-" + UUID.randomUUID();
    PlanDocument.FaceDoc from = entry(f.id());
    PlanDocument.FaceDoc copy =
        new PlanDocument.FaceDoc(
            id,
            Words.say("edit.copyName", f.name()),
            PlanMapper.doc(f.outline().note()),
            f.makeUp(),
            f.finish(),
            f.ground().hex(),
            f.exposure().stream().sorted().toList(),
            f.edgeDepthMm(),
            f.relief().factor(),
            true,
            from.comesOff(),
            Found.Standing.ADDED,
            true,
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of());
    Marks marks = f.marks().withoutBlemishes();
    return new Edited(
        with(copy.withMarks(marks.renamed(PlanEdits::newId), List.of())),
        id,
        Words.say("edit.duplicated", f.name()));
  }

  private Edited add(OutlineKind kind) {
    String id = "face-" + UUID.randomUUID();
    Outline typical =
        kind == OutlineKind.POLYGON
            ? OutlineKind.SIDES_AND_DIAGONALS.read(MeasureSheet.blank(), List.of())
            : kind.read(MeasureSheet.blank(), List.of());
    long added =
        document.faces().stream().filter(f -> f.standing() == Found.Standing.ADDED).count();
    PlanDocument.FaceDoc blank = blank(id, Found.Standing.ADDED);
    PlanDocument.FaceDoc named =
        blank
            .withOutline(PlanMapper.doc(typical.note()))
            .named(Words.say("edit.newName", added + 1));
    return new Edited(with(named), id, Words.say("edit.added"));
  }

  private Edited takeOff(PlanFace face) {
    String id = face.face().id();
    String summary = Words.say("edit.takenOff", face.face().name());
    String next =
        plan.faces().stream()
            .map(f -> f.face().id())
            .filter(f -> !f.equals(id))
            .findFirst()
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "Face", face.face().name(), "is the last one", "at least one face"));
    if (face.added()) {
      List<PlanDocument.FaceDoc> faces =
          document.faces().stream().filter(f -> !f.id().equals(id)).toList();
      List<PlanDocument.LayDoc> lays =
          document.lays().stream().flatMap(l -> l.without(id).stream()).toList();
      return new Edited(
          new PlanDocument(document.schema(), document.name(), document.form(), faces, lays),
          next,
          summary);
    }
    return new Edited(with(entry(id).standing(Found.Standing.REMOVED)), next, summary);
  }

  private Edited bringBack(String id) {
    return new Edited(
        with(entry(id).standing(Found.Standing.OF_THE_FORM)), id, Words.say("edit.broughtBack"));
  }

  // ---- entries of the document

  private PlanDocument.FaceDoc entry(String id) {
    return document.faces().stream()
        .filter(f -> f.id().equals(id))
        .findFirst()
        .orElseGet(() -> blank(id, Found.Standing.OF_THE_FORM));
  }

  private static PlanDocument.FaceDoc blank(String id, Found.Standing standing) {
    Found nothing = Found.nothing();
    return new PlanDocument.FaceDoc(
        id,
        null,
        null,
        nothing.makeUp(),
        nothing.finish(),
        nothing.ground().hex(),
        List.of(),
        null,
        null,
        null,
        null,
        standing,
        false,
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        List.of());
  }

  private static String newId(String old) {
    return UUID.randomUUID().toString();
  }

  private PlanDocument with(PlanDocument.FaceDoc changed) {
    List<PlanDocument.FaceDoc> faces = new ArrayList<>(document.faces());
    faces.removeIf(f -> f.id().equals(changed.id()));
    faces.add(changed);
    return new PlanDocument(
        document.schema(), document.name(), document.form(), faces, document.lays());
  }
}
