package craftmap.server.piece;

import craftmap.core.lay.Run;
import craftmap.core.lay.RunLine;
import craftmap.core.lay.RunPick;
import craftmap.core.lay.RunWish;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Lay;
import craftmap.core.plan.Plan;
import craftmap.core.surface.Blemish;
import craftmap.core.plane.Box;
import craftmap.core.form.ChestForm;
import craftmap.core.colour.Colour;
import craftmap.core.form.Form;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.MakeUp;
import craftmap.core.plane.Point;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Between the plan as sent and the plan the core works on. The core refuses what cannot be. */
final class PlanMapper {
  static final String UNPAINTED_GROUND = "#D9CFBC";

  private PlanMapper() {}

  static Plan toPlan(PlanDocument document) {
    if (document.schema() != PlanDocument.SCHEMA) {
      throw new RefusedInput(
          "Schema", "" + document.schema(), "is not known here", "" + PlanDocument.SCHEMA);
    }
    Map<String, Plan.Found> found = new LinkedHashMap<>();
    for (PlanDocument.FaceDoc face : document.faces()) {
      Plan.Found twice = found.put(given("Face", face.id()), toFound(face));
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
    return switch (given("Form", form.kind())) {
      case CHEST -> new ChestForm(form.widthMm(), form.heightMm(), form.depthMm());
    };
  }

  /** A plan for a form on which nothing was found yet. */
  static PlanDocument fresh(String name, PlanDocument.FormDoc form) {
    List<PlanDocument.FaceDoc> faces =
        toForm(form).faces().stream()
            .map(
                f ->
                    new PlanDocument.FaceDoc(
                        f.id(), MakeUp.BARE_WOOD, UNPAINTED_GROUND, List.of(), List.of()))
            .toList();
    return new PlanDocument(PlanDocument.SCHEMA, name, form, faces, List.of());
  }

  private static Plan.Found toFound(PlanDocument.FaceDoc face) {
    return new Plan.Found(
        given("Make-up", face.makeUp()),
        new Colour(face.ground()),
        face.keepOuts().stream()
            .map(
                k ->
                    new KeepOut(
                        given("Keep-out", k.id()),
                        k.name(),
                        new Box(
                            place("Left of the " + k.name(), k.leftMm()),
                            place("Top of the " + k.name(), k.topMm()),
                            LengthRange.SIZE.check("Width of the " + k.name(), k.widthMm()),
                            LengthRange.SIZE.check("Height of the " + k.name(), k.heightMm()))))
            .toList(),
        face.blemishes().stream()
            .map(
                b ->
                    new Blemish(
                        given("Blemish", b.id()),
                        b.number(),
                        given("Kind of blemish", b.kind()),
                        new Point(
                            place("Place of blemish " + b.number(), b.xMm()),
                            place("Place of blemish " + b.number(), b.yMm())),
                        b.diameterMm()))
            .toList());
  }

  private static Lay toLay(PlanDocument.LayDoc lay) {
    PlanDocument.RunDoc run = given("Run", lay.run());
    return new Lay(
        given("Lay", lay.id()),
        given("Face of the lay", lay.faceId()),
        given("Design", lay.designId()),
        new Run(
            new RunLine(
                given("Edge", run.edge()), run.distanceMm(), run.startInsetMm(), run.endInsetMm()),
            new RunWish(run.gapMm(), run.endMarginMm(), run.allowedChange())),
        Optional.ofNullable(lay.pick())
            .map(p -> new RunPick(given("Kind of the pick", p.kind()), p.count())),
        given("Paint", lay.paintId()),
        lay.coats());
  }

  private static double place(String field, double mm) {
    return LengthRange.PLACE.check(field, mm);
  }

  private static <T> T given(String field, T value) {
    if (value == null) {
      throw new RefusedInput(field, "empty", "is missing", "a value");
    }
    return value;
  }
}
