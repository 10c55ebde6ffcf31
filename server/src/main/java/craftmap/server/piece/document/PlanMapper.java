package craftmap.server.piece.document;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.given;
import static craftmap.server.piece.document.Given.place;

import craftmap.core.coats.Coats;
import craftmap.core.colour.Colour;
import craftmap.core.design.NamedPart;
import craftmap.core.form.FormNote;
import craftmap.core.lay.Eye;
import craftmap.core.lay.rule.Pick;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.Ruled;
import craftmap.core.lay.rule.Way;
import craftmap.core.measure.Faults;
import craftmap.core.measure.Figure;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Found;
import craftmap.core.plan.Lay;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.Plan;
import craftmap.core.plane.Point;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Relief;
import craftmap.core.surface.outline.OutlineNote;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Between the plan as stored and sent and the plan the core works on, both ways: what goes one way
 * and back is the same. The core refuses what cannot be.
 */
public final class PlanMapper {
  private PlanMapper() {}

  public static Plan toPlan(PlanDocument document) {
    if (document.schema() != PlanDocument.SCHEMA) {
      throw new RefusedInput(
          "schema-2",
          given(document.schema()),
          said("is-not-known-here"),
          given(PlanDocument.SCHEMA));
    }
    Faults faults = new Faults();
    Optional<FormNote> form = faults.part(() -> toForm(given(said("form"), document.form())));
    form.ifPresent(f -> faults.part(f::read));
    Map<String, Found> found = new LinkedHashMap<>();
    for (FaceDoc face : document.faces()) {
      faults.part(() -> toFound(face)).ifPresent(f -> faults.part(() -> once(found, face.id(), f)));
    }
    List<Lay> lays = faults.parts(document.lays(), PlanMapper::toLay);
    Optional<Coats> coats = faults.part(() -> CoatsMapper.toCoats(document.coats()));
    Optional<Ordering> order = faults.part(() -> OrderingDoc.read(document.order()));
    return faults.whole(
        () ->
            new Plan(
                document.name(),
                form.orElseThrow(),
                found,
                lays,
                Boolean.TRUE.equals(document.forSale()),
                coats.orElseThrow(),
                order.orElseThrow()));
  }

  private static String once(Map<String, Found> all, String faceId, Found found) {
    if (all.put(given(said("face"), faceId), found) != null) {
      throw new RefusedInput("face", given(faceId), said("is-there-twice"), said("each-face-once"));
    }
    return faceId;
  }

  public static PlanDocument doc(Plan plan) {
    return new PlanDocument(
        PlanDocument.SCHEMA,
        plan.name(),
        new FormDoc(plan.form().kind(), plan.form().measures(), plan.form().choices()),
        plan.found().entrySet().stream().map(e -> doc(e.getKey(), e.getValue())).toList(),
        plan.lays().stream().map(PlanMapper::doc).toList(),
        plan.forSale() ? true : null,
        CoatsMapper.doc(plan.coats()),
        OrderingDoc.of(plan.order()));
  }

  // ---- form and faces

  public static FormNote toForm(FormDoc form) {
    return new FormNote(given(said("form"), form.kind()), form.measures(), form.choices());
  }

  private static OutlineNote toOutline(OutlineDoc outline) {
    return new OutlineNote(
        given(said("kind-of-outline"), outline.kind()),
        outline.measures(),
        outline.choices(),
        toPoints(said("points-of-the-outline"), outline.points()));
  }

  public static OutlineDoc doc(OutlineNote note) {
    return new OutlineDoc(note.kind(), note.measures(), note.choices(), docs(note.points()));
  }

  private static Found toFound(FaceDoc face) {
    Faults faults = new Faults();
    Optional<Found.Shape> shape =
        faults.part(
            () ->
                new Found.Shape(
                    Optional.ofNullable(face.outline()).map(PlanMapper::toOutline),
                    optional(face.edgeDepthMm()),
                    Optional.ofNullable(face.relief()).map(Relief::new)));
    Optional<Found.Surface> surface =
        faults.part(
            () ->
                new Found.Surface(
                    given(said("make-up"), face.makeUp()),
                    face.finish(),
                    new Colour(face.ground()),
                    Set.copyOf(face.exposure()),
                    Optional.ofNullable(face.now()).map(Colour::new)));
    Optional<Marks> marks = faults.part(() -> MarkMapper.toMarks(face));
    return faults.whole(
        () ->
            new Found(
                Optional.ofNullable(face.name()),
                shape.orElseThrow(),
                surface.orElseThrow(),
                new Found.Belonging(
                    Optional.ofNullable(face.shown()),
                    Optional.ofNullable(face.comesOff()),
                    face.standing(),
                    Optional.ofNullable(face.setInto()).map(PlanMapper::toSetInto)),
                face.ownMarks(),
                marks.orElseThrow()));
  }

  private static Found.SetInto toSetInto(SetIntoDoc into) {
    PointDoc at = given(said("place-on-that-face"), into.at());
    return new Found.SetInto(
        given(said("face-that-it-is-set-into"), into.faceId()), new Point(at.xMm(), at.yMm()));
  }

  private static FaceDoc doc(String id, Found found) {
    Found.Shape shape = found.shape();
    Found.Surface surface = found.surface();
    Marks marks = found.marks();
    return new FaceDoc(
        id,
        found.name().orElse(null),
        shape.outline().map(PlanMapper::doc).orElse(null),
        surface.makeUp(),
        surface.finish(),
        surface.ground().hex(),
        surface.now().map(Colour::hex).orElse(null),
        surface.exposure().stream().sorted().toList(),
        orNull(shape.edgeDepthMm()),
        shape.relief().map(Relief::factor).orElse(null),
        found.belonging().shown().orElse(null),
        found.belonging().comesOff().orElse(null),
        found
            .belonging()
            .setInto()
            .map(i -> new SetIntoDoc(i.faceId(), MarkMapper.doc(i.at())))
            .orElse(null),
        found.standing(),
        found.ownMarks(),
        marks.keepOuts().stream().map(MarkMapper::doc).toList(),
        marks.holes().stream().map(MarkMapper::doc).toList(),
        marks.breaks().stream().map(MarkMapper::doc).toList(),
        marks.blemishes().stream().map(MarkMapper::doc).toList(),
        marks.zones().stream().map(MarkMapper::doc).toList());
  }

  // ---- lays

  private static Lay toLay(LayDoc lay) {
    return new Lay(
        given(said("lay"), lay.id()),
        new Lay.Place(
            given(said("face-of-the-lay"), lay.faceId()),
            lay.alsoOn(),
            Optional.ofNullable(lay.zoneId())),
        new Lay.Pieces(
            Optional.ofNullable(lay.designId()),
            Optional.ofNullable(lay.cornerDesignId()),
            lay.moreDesignIds(),
            Optional.ofNullable(lay.part()).map(PlanMapper::toPart),
            Optional.ofNullable(lay.cutFromId())),
        new Lay.Work(
            new Ruled(toRule(given(said("rule"), lay.rule()))),
            Optional.ofNullable(lay.pick()).map(PlanMapper::toPick),
            optional(lay.clearMm()),
            toEye(lay.eye())),
        new Lay.Pot(Optional.ofNullable(lay.potId()), lay.coats()),
        new Lay.Keeping(lay.hidden(), lay.locked(), lay.offcuts()));
  }

  private static LayDoc doc(Lay lay) {
    return new LayDoc(
        lay.id(),
        lay.faceId(),
        lay.alsoOn(),
        lay.place().zoneId().orElse(null),
        lay.designId().orElse(null),
        lay.cornerDesignId().orElse(null),
        lay.moreDesignIds(),
        lay.pieces().part().map(p -> new PartDoc(p.name(), p.borderMm(), p.edge())).orElse(null),
        lay.pieces().cutFromId().orElse(null),
        doc(lay.work().rule()),
        lay.pick().map(p -> new PickDoc(p.way().name(), p.count(), p.across())).orElse(null),
        lay.potId().orElse(null),
        lay.coats(),
        orNull(lay.clearMm()),
        lay.eye().equals(Eye.NONE) ? null : doc(lay.eye()),
        lay.hidden(),
        lay.locked(),
        lay.keeping().offcuts());
  }

  public static NamedPart toPart(PartDoc part) {
    return new NamedPart(
        given(said("part-of-the-picture"), part.name()),
        part.borderMm(),
        given(said("edge-of-the-part"), part.edge()));
  }

  private static RuleNote toRule(RuleDoc rule) {
    return new RuleNote(
        given(said("kind-of-rule"), rule.kind()),
        rule.measures(),
        rule.choices(),
        toPoints(said("points-of-the-line"), rule.points()),
        rule.text());
  }

  private static RuleDoc doc(RuleNote note) {
    return new RuleDoc(
        note.kind(),
        note.measures(),
        note.choices(),
        docs(note.points()),
        note.text().isEmpty() ? null : note.text());
  }

  public static Pick toPick(PickDoc pick) {
    Figure.Said field = said("way-of-the-pick");
    Way way =
        Way.of(given(field, pick.way()))
            .orElseThrow(
                () ->
                    new RefusedInput(
                        field,
                        given(pick.way()),
                        said("is-not-known-here"),
                        said("one-that-is-offered")));
    return new Pick(way, pick.count(), pick.across());
  }

  /** What the eye changes; nothing where nothing is said. */
  public static Eye toEye(EyeDoc eye) {
    return eye == null
        ? Eye.NONE
        : new Eye(
            eye.wobbleMm(),
            eye.wobbleDeg(),
            eye.seed(),
            eye.held().stream()
                .map(
                    h ->
                        new Eye.Held(
                            h.item(),
                            new Point(
                                place(said("place-of-a-copy"), h.xMm()),
                                place(said("place-of-a-copy"), h.yMm())),
                            h.turnDeg()))
                .toList());
  }

  private static EyeDoc doc(Eye eye) {
    return new EyeDoc(
        eye.wobbleMm(),
        eye.wobbleDeg(),
        eye.seed(),
        eye.held().stream()
            .map(h -> new HeldDoc(h.item(), h.at().xMm(), h.at().yMm(), h.turnDeg()))
            .toList());
  }

  // ---- points, and what may be absent

  public static List<Point> toPoints(Figure field, List<PointDoc> points) {
    return points.stream()
        .map(p -> new Point(place(field, p.xMm()), place(field, p.yMm())))
        .toList();
  }

  private static List<PointDoc> docs(List<Point> points) {
    return points.stream().map(MarkMapper::doc).toList();
  }

  private static OptionalDouble optional(Double value) {
    return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
  }

  private static Double orNull(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }
}
