package craftmap.server.piece;

import static craftmap.server.piece.Given.given;
import static craftmap.server.piece.Given.place;

import craftmap.core.colour.Colour;
import craftmap.core.form.Form;
import craftmap.core.lay.Eye;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Pick;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Found;
import craftmap.core.plan.Lay;
import craftmap.core.plan.Plan;
import craftmap.core.plane.Point;
import craftmap.core.surface.Relief;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OutlineNote;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Between the plan as sent and the plan the core works on. The core refuses what cannot be. */
final class PlanMapper {
  private PlanMapper() {}

  static Plan toPlan(PlanDocument document) {
    if (document.schema() != PlanDocument.SCHEMA) {
      throw new RefusedInput(
          "Schema", "" + document.schema(), "is not known here", "" + PlanDocument.SCHEMA);
    }
    Map<String, Found> found = new LinkedHashMap<>();
    for (PlanDocument.FaceDoc face : document.faces()) {
      Found twice = found.put(given("Face", face.id()), toFound(face));
      if (twice != null) {
        throw new RefusedInput("Face", face.id(), "is there twice", "each face once");
      }
    }
    return new Plan(
        document.name(),
        toForm(given("Form", document.form())),
        found,
        document.lays().stream().map(PlanMapper::toLay).toList());
  }

  static Form toForm(PlanDocument.FormDoc form) {
    return given("Form", form.kind()).read(sheet(form));
  }

  static MeasureSheet sheet(PlanDocument.FormDoc form) {
    return new MeasureSheet(form.measures(), form.choices());
  }

  static Outline toOutline(PlanDocument.OutlineDoc outline) {
    return given("Kind of outline", outline.kind())
        .read(
            new MeasureSheet(outline.measures(), outline.choices()),
            outline.points().stream()
                .map(
                    p ->
                        new Point(
                            place("Points of the outline", p.xMm()),
                            place("Points of the outline", p.yMm())))
                .toList());
  }

  static PlanDocument.OutlineDoc doc(OutlineNote note) {
    return new PlanDocument.OutlineDoc(
        note.kind(),
        note.measures(),
        note.choices(),
        note.points().stream().map(MarkMapper::doc).toList());
  }

  /** A plan for a form on which nothing was found yet. */
  static PlanDocument fresh(String name, PlanDocument.FormDoc form) {
    return new PlanDocument(PlanDocument.SCHEMA, name, form, List.of(), List.of());
  }

  private static Found toFound(PlanDocument.FaceDoc face) {
    return new Found(
        Optional.ofNullable(face.name()),
        Optional.ofNullable(face.outline()).map(PlanMapper::toOutline),
        given("Make-up", face.makeUp()),
        face.finish(),
        new Colour(face.ground()),
        Set.copyOf(face.exposure()),
        face.edgeDepthMm() == null ? OptionalDouble.empty() : OptionalDouble.of(face.edgeDepthMm()),
        Optional.ofNullable(face.relief()).map(Relief::new),
        Optional.ofNullable(face.shown()),
        Optional.ofNullable(face.comesOff()),
        face.standing(),
        face.ownMarks(),
        MarkMapper.toMarks(face));
  }

  private static Lay toLay(PlanDocument.LayDoc lay) {
    return new Lay(
        given("Lay", lay.id()),
        given("Face of the lay", lay.faceId()),
        lay.alsoOn(),
        Optional.ofNullable(lay.designId()),
        Optional.ofNullable(lay.cornerDesignId()),
        lay.moreDesignIds(),
        toRule(given("Rule", lay.rule())),
        Optional.ofNullable(lay.pick())
            .map(p -> new Pick(given("Way of the pick", p.way()), p.count(), p.across())),
        Optional.ofNullable(lay.paintId()),
        lay.coats(),
        lay.clearMm() == null ? OptionalDouble.empty() : OptionalDouble.of(lay.clearMm()),
        lay.eye() == null ? Eye.NONE : toEye(lay.eye()),
        lay.hidden(),
        lay.locked());
  }

  static LayRule toRule(PlanDocument.RuleDoc rule) {
    return given("Kind of rule", rule.kind())
        .read(
            sheet(rule),
            rule.points().stream()
                .map(
                    p ->
                        new Point(
                            place("Points of the line", p.xMm()),
                            place("Points of the line", p.yMm())))
                .toList(),
            rule.text());
  }

  static MeasureSheet sheet(PlanDocument.RuleDoc rule) {
    return new MeasureSheet(rule.measures(), rule.choices());
  }

  static PlanDocument.RuleDoc doc(RuleNote note) {
    return new PlanDocument.RuleDoc(
        note.kind(),
        note.measures(),
        note.choices(),
        note.points().stream().map(MarkMapper::doc).toList(),
        note.text().isEmpty() ? null : note.text());
  }

  private static Eye toEye(PlanDocument.EyeDoc eye) {
    return new Eye(
        eye.wobbleMm(),
        eye.wobbleDeg(),
        eye.seed(),
        eye.held().stream()
            .map(
                h ->
                    new Eye.Held(
                        h.item(),
                        new Point(
                            place("Place of a copy", h.xMm()), place("Place of a copy", h.yMm())),
                        h.turnDeg()))
            .toList());
  }
}
