package craftmap.server.piece;

import static craftmap.server.piece.Given.given;
import static craftmap.server.piece.Given.place;

import craftmap.core.colour.Colour;
import craftmap.core.form.Form;
import craftmap.core.lay.rule.Run;
import craftmap.core.lay.rule.EdgeLine;
import craftmap.core.lay.rule.Pick;
import craftmap.core.lay.rule.RunWish;
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
    PlanDocument.RunDoc run = given("Run", lay.run());
    return new Lay(
        given("Lay", lay.id()),
        given("Face of the lay", lay.faceId()),
        given("Design", lay.designId()),
        new Run(
            new EdgeLine(
                given("Edge", run.edge()), run.distanceMm(), run.startInsetMm(), run.endInsetMm()),
            new RunWish(run.gapMm(), run.endMarginMm(), run.allowedChange())),
        Optional.ofNullable(lay.pick())
            .map(p -> new Pick(given("Kind of the pick", p.kind()), p.count())),
        given("Paint", lay.paintId()),
        lay.coats());
  }
}
