package craftmap.core.plan;

import craftmap.core.design.StencilDesign;
import craftmap.core.form.Pose;
import craftmap.core.lay.BlemishCover;
import craftmap.core.lay.Clearance;
import craftmap.core.lay.Item;
import craftmap.core.lay.LayAnswer;
import craftmap.core.lay.LayOption;
import craftmap.core.lay.Obstacles;
import craftmap.core.lay.Run;
import craftmap.core.lay.RunPick;
import craftmap.core.lay.StencilPasses;
import craftmap.core.measure.SetOut;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.Paint;
import craftmap.core.medium.StencilPaint;
import craftmap.core.surface.Edge;
import craftmap.core.surface.Face;
import craftmap.core.surface.FaceMeasure;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.MapGrid;
import craftmap.core.surface.outline.QuadOutline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Works out a plan, for a shelf and a tape. */
public final class PlanReader {
  private final Shelf shelf;
  private final TapeDivision tape;

  public PlanReader(Shelf shelf, TapeDivision tape) {
    this.shelf = shelf;
    this.tape = tape;
  }

  public PlanReading read(Plan plan) {
    List<PlanFace> places = plan.faces();
    List<PlanReading.FaceReading> faces =
        places.stream().map(p -> read(p, places, plan.lays())).toList();
    return new PlanReading(faces, plan.formFaces().joins(), PlanFaces.parts(places));
  }

  private PlanReading.FaceReading read(PlanFace place, List<PlanFace> all, List<Lay> lays) {
    Face face = place.face();
    List<LayReading> readings =
        lays.stream().filter(l -> l.faceId().equals(face.id())).map(l -> read(face, l)).toList();
    List<BlemishCover.Print> prints = prints(readings);
    return new PlanReading.FaceReading(
        place,
        MapGrid.over(face.outline()),
        FaceMeasure.of(face, insets(face, all)),
        face.outline() instanceof QuadOutline quad
            ? Optional.of(quad.squareness())
            : Optional.empty(),
        datum(place),
        readings,
        face.blemishes().stream().map(b -> BlemishCover.of(b, prints)).toList(),
        strayKeepOuts(face));
  }

  /** The areas of the faces set into this one, where they lie on it. */
  private static List<Geometry> insets(Face face, List<PlanFace> all) {
    return all.stream()
        .filter(p -> p.setInto().filter(face.id()::equals).isPresent())
        .map(
            p ->
                AffineTransformation.translationInstance(p.at().xMm(), p.at().yMm())
                    .transform(p.face().outline().region()))
        .toList();
  }

  /** Upright faces are read from their top edge; what lies level from the edge one stands at. */
  private static Edge datum(PlanFace place) {
    boolean level =
        place.pose().filter(p -> p instanceof Pose.Flat f && f.down().y() == 0).isPresent();
    return level ? Edge.BOTTOM : Edge.TOP;
  }

  /** What one lay comes to on its face, without looking at its neighbours. */
  public LayReading read(Face face, Lay lay) {
    Optional<StencilDesign> stencil = shelf.stencil(lay.designId());
    if (stencil.isEmpty()) {
      return new LayReading.Missing(lay, "design");
    }
    Optional<Paint> paint = shelf.paint(lay.paintId());
    if (paint.isEmpty()) {
      return new LayReading.Missing(lay, "paint");
    }
    Run run = run(lay);
    if (!run.line().isLeftOn(face.outline(), stencil.get().printHeightMm())) {
      return new LayReading.NoLine(lay, stencil.get(), paint.get());
    }
    LayAnswer answer = run.lay(face, stencil.get());
    return answer instanceof LayAnswer.Options options
        ? laid(face, lay, stencil.get(), paint.get(), options)
        : new LayReading.DoesNotFit(lay, stencil.get(), paint.get(), answer);
  }

  private LayReading.Laid laid(
      Face face, Lay lay, StencilDesign stencil, Paint paint, LayAnswer.Options options) {
    Optional<LayOption> picked = lay.pick().flatMap(p -> p.among(options.ranked()));
    LayOption chosen = picked.orElse(options.best());
    double openArea = 0;
    for (Item item : chosen.items()) {
      openArea += item.openAreaMm2(stencil.openings());
    }
    return new LayReading.Laid(
        lay,
        stencil,
        paint,
        options.ranked(),
        chosen,
        pickState(lay.pick(), chosen),
        setOut(face, run(lay), chosen),
        passes(stencil, chosen),
        Clearance.of(Obstacles.on(face, stencil.kind()), chosen.items()),
        new StencilPaint(
            openArea, lay.coats(), paint.spreadM2PerLitre(), StencilPaint.TYPICAL_LOSS));
  }

  private static LayReading.PickState pickState(Optional<RunPick> pick, LayOption chosen) {
    if (pick.isEmpty()) {
      return LayReading.PickState.FOLLOWS_BEST;
    }
    if (pick.get().equals(chosen.asPick())) {
      return LayReading.PickState.KEPT;
    }
    return pick.get().kind() == chosen.row().kind()
        ? LayReading.PickState.COUNT_CHANGED
        : LayReading.PickState.NOT_POSSIBLE;
  }

  private SetOut setOut(Face face, Run run, LayOption chosen) {
    Edge edge = run.line().edge();
    double edgeMm = face.outline().edgeLengthMm(edge);
    List<Double> centres = new ArrayList<>();
    for (Item item : chosen.items()) {
      double along = edge.isLevel() ? item.centre().xMm() : item.centre().yMm();
      if (along >= 0 && along <= edgeMm) {
        centres.add(along);
      }
    }
    return SetOut.fromDatum(centres, tape);
  }

  private static StencilPasses passes(StencilDesign stencil, LayOption chosen) {
    List<StencilPasses.Position> positions =
        chosen.items().stream()
            .map(
                i ->
                    new StencilPasses.Position(
                        i.visible(),
                        i.sheetOnFace(
                            stencil.openings(), stencil.sheetWidthMm(), stencil.sheetHeightMm())))
            .toList();
    return StencilPasses.alongRun(positions, stencil.usesBetweenWashes());
  }

  private static List<BlemishCover.Print> prints(List<LayReading> readings) {
    List<BlemishCover.Print> prints = new ArrayList<>();
    for (LayReading reading : readings) {
      if (reading instanceof LayReading.Laid laid) {
        prints.add(new BlemishCover.Print(laid.stencil().openings(), laid.chosen().items()));
      }
    }
    return prints;
  }

  private static List<KeepOut> strayKeepOuts(Face face) {
    Envelope whole = new Envelope(0, face.outline().widthMm(), 0, face.outline().heightMm());
    return face.keepOuts().stream()
        .filter(
            k -> {
              Envelope e = k.area().on(face.outline()).getEnvelopeInternal();
              return e.getMinX() >= whole.getMaxX()
                  || e.getMinY() >= whole.getMaxY()
                  || e.getMaxX() <= 0
                  || e.getMaxY() <= 0;
            })
        .toList();
  }

  private static Run run(Lay lay) {
    return switch (lay.rule()) {
      case Run run -> run;
    };
  }
}
