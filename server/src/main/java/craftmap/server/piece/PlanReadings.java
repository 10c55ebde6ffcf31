package craftmap.server.piece;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.coats.Coats;
import craftmap.core.design.Design;
import craftmap.core.finding.FindingRule;
import craftmap.core.finding.Mend;
import craftmap.core.finding.Mends;
import craftmap.core.log.Learned;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.Shelf;
import craftmap.core.plan.coats.CoatsReader;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.edit.Edited;
import craftmap.core.plan.edit.Editing;
import craftmap.core.plan.edit.PlanEdit;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.surface.Face;
import craftmap.core.trial.Trial;
import craftmap.server.learning.Learning;
import craftmap.server.piece.edit.ToldWords;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Solves;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** What the core makes of plans, saved or not, with a studio's shelf, tape and experience. */
@Service
@Solves
public class PlanReadings {
  private final ShelfService shelf;
  private final Learning learning;
  private final Readings lately = new Readings();

  PlanReadings(ShelfService shelf, Learning learning) {
    this.shelf = shelf;
    this.learning = learning;
  }

  /** What the core makes of a plan, with this studio's shelf and tape. */
  public PlanReading read(Studio studio, Plan plan) {
    // lays know nothing of coats: a plan whose coats alone are others comes to the same
    Plan laid = plan.with(Coats.NONE).with(Ordering.NONE);
    Learned learned = learned(studio, plan);
    return lately.of(
        new Readings.Question(studio.id(), studio.tape(), shelf.stamp(studio.id()), learned, laid),
        () -> lately.reader(shelf.asPlansSeeIt(studio.id(), learned), studio.tape()).read(laid));
  }

  /** What the bench had taught when a plan was begun; of one that is not, what it has taught. */
  public Learned learned(Studio studio, Plan plan) {
    return learning.of(studio.id(), plan.order().begun());
  }

  /** What the coats of a plan come to. */
  public CoatsReading coats(Studio studio, Plan plan) {
    Plan coated = plan.with(Ordering.NONE);
    Learned learned = learned(studio, plan);
    return lately.coats(
        new Readings.Question(
            studio.id(), studio.tape(), shelf.coatStamp(studio.id()), learned, coated),
        () ->
            CoatsReader.read(
                coated, read(studio, plan), shelf.coatShelf(studio.id(), learned), lately::group));
  }

  /** What comes of a design on a face, as it stands with what is laid there. */
  Trial tried(PlanReading.FaceReading face, Design design) {
    return Trial.of(face.face(), face.insets(), design, face.lays(), lately::tried);
  }

  /** What the core makes of one lay on one of its faces, without looking at the rest. */
  public ReadLay readLay(Studio studio, Plan plan, String layId, Optional<String> onFace) {
    return readLay(editing(studio, plan), plan, layId, onFace);
  }

  /** The same as it would be with some edits made first. */
  public ReadLay readLay(
      Studio studio, Plan plan, List<PlanEdit> edits, String layId, Optional<String> onFace) {
    Editing editing = editing(studio, plan);
    return readLay(editing, PlanEdit.all(plan, edits, editing).plan(), layId, onFace);
  }

  private static ReadLay readLay(
      Editing editing, Plan plan, String layId, Optional<String> onFace) {
    Lay lay =
        plan.lay(layId)
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "lay", given(layId), said("is-not-in-this-plan"), said("one-of-its-lays")));
    String faceId = onFace.orElse(lay.faceId());
    List<PlanFace> faces = plan.faces();
    Face face =
        faces.stream()
            .map(PlanFace::face)
            .filter(f -> f.id().equals(faceId) && lay.isOn(faceId))
            .findFirst()
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "face",
                        given(faceId),
                        said("is-not-on-this-piece-now"),
                        said("one-of-the-lays-faces")));
    LayReading reading =
        editing
            .reader()
            .of(lay, plan, faceId)
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "face", given(faceId), said("is-not-shown"), said("a-face-that-is-shown")));
    return new ReadLay(faces, face, reading, plan.forSale());
  }

  /** A lay worked out, and the face it lies on. */
  public record ReadLay(List<PlanFace> faces, Face face, LayReading reading, boolean forSale) {}

  /** What a plan would be with some edits made; nothing is saved. */
  public Edited edited(Studio studio, Plan plan, List<PlanEdit> edits) {
    return PlanEdit.all(plan, edits, editing(studio, plan));
  }

  /** What would mend a finding on a lay. */
  public List<Mend> mends(Studio studio, Plan plan, ReadLay of, FindingRule rule) {
    return Mends.of(
        plan, of.reading().lay(), of.face(), rule, studio.tape(), editing(studio, plan));
  }

  private Editing editing(Studio studio, Plan of) {
    Shelf owned = shelf.asPlansSeeIt(studio.id(), learned(studio, of));
    return new Editing(
        owned,
        lately.reader(owned, studio.tape()),
        plan -> read(studio, plan),
        () -> shelf.potsAtHand(studio.id()),
        () -> UUID.randomUUID().toString(),
        ToldWords.NAMES);
  }
}
