package craftmap.core.plan.reading;

import craftmap.core.design.StencilDesign;
import craftmap.core.form.Pose;
import craftmap.core.lay.BlemishCover;
import craftmap.core.lay.Item;
import craftmap.core.lay.pass.StencilPasses;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayAnswers;
import craftmap.core.plan.LayReader;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.PlanFaces;
import craftmap.core.plan.SharedSheet;
import craftmap.core.plan.Shelf;
import craftmap.core.plan.cutting.Pool;
import craftmap.core.surface.Face;
import craftmap.core.surface.FaceMeasure;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.MapGrid;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.QuadOutline;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;

/** Works out a plan, for a shelf and a tape. */
public final class PlanReader {
  private final Shelf shelf;
  private final TapeDivision tape;
  private final LayAnswers answers;

  public PlanReader(Shelf shelf, TapeDivision tape) {
    this(shelf, tape, LayAnswers.NONE);
  }

  /**
   * Reads plans as the other does, and sooner what was read before.
   *
   * @param answers what is kept of lays that were read
   */
  public PlanReader(Shelf shelf, TapeDivision tape, LayAnswers answers) {
    this.shelf = shelf;
    this.tape = tape;
    this.answers = answers;
  }

  public PlanReading read(Plan plan) {
    List<PlanFace> places = plan.faces();
    LayReader lays = new LayReader(shelf, tape, answers, places);
    plan.lays().forEach(lays::read);
    List<PlanReading.FaceReading> faces =
        places.stream().map(p -> read(p, places, lays.on(p.face().id()))).toList();
    List<LayReading> all = faces.stream().flatMap(f -> f.lays().stream()).toList();
    return new PlanReading(
        faces, plan.formFaces().joins(), PlanFaces.parts(places), Pool.of(all), plan.forSale());
  }

  private PlanReading.FaceReading read(
      PlanFace place, List<PlanFace> all, List<LayReading> readings) {
    Face face = place.face();
    List<Item> items = LayReader.items(readings);
    return new PlanReading.FaceReading(
        place,
        MapGrid.over(face.outline()),
        FaceMeasure.of(face, PlanFaces.insets(face, all)),
        face.outline() instanceof QuadOutline quad
            ? Optional.of(quad.squareness())
            : Optional.empty(),
        datum(place),
        readings,
        shared(face, readings),
        face.blemishes().stream().map(b -> BlemishCover.of(b, items)).toList(),
        PlanFaces.insets(face, all),
        strayKeepOuts(face));
  }

  /** Upright faces are read from their top edge; what lies level from the edge one stands at. */
  private static Edge datum(PlanFace place) {
    boolean level =
        place.pose().filter(p -> p instanceof Pose.Flat f && f.down().y() == 0).isPresent();
    return level ? Edge.BOTTOM : Edge.TOP;
  }

  /** What lies on one face, without looking at the rest of the piece. */
  public List<LayReading> on(String faceId, Plan plan) {
    LayReader reader = new LayReader(shelf, tape, answers, plan.faces());
    plan.lays().stream().filter(l -> l.isOn(faceId)).forEach(reader::read);
    return reader.on(faceId);
  }

  /**
   * What one lay comes to on one of its faces; its neighbours are looked at only where it goes
   * around them. None where that face is not shown.
   */
  public Optional<LayReading> of(Lay lay, Plan plan, String faceId) {
    LayReader reader = new LayReader(shelf, tape, answers, plan.faces());
    if (lay.clearMm().isPresent()) {
      plan.lays().stream()
          .takeWhile(l -> !l.id().equals(lay.id()))
          .filter(l -> lay.faceIds().stream().anyMatch(l::isOn))
          .forEach(reader::read);
    }
    reader.read(lay);
    return reader.on(faceId).stream().filter(r -> r.lay().id().equals(lay.id())).findFirst();
  }

  /** Lays that share a sheet are planned in one go: what is wet of one may lie under the other. */
  private static List<SharedSheet> shared(Face face, List<LayReading> readings) {
    Map<String, List<LayReading.Laid>> byDesign = new LinkedHashMap<>();
    for (LayReading reading : readings) {
      if (reading instanceof LayReading.Laid laid
          && laid.lay().designId().isPresent()
          && laid.design() instanceof StencilDesign) {
        byDesign.computeIfAbsent(laid.design().id(), k -> new ArrayList<>()).add(laid);
      }
    }
    List<SharedSheet> shared = new ArrayList<>();
    byDesign.forEach(
        (id, laid) -> {
          if (laid.size() > 1) {
            List<Item> items = laid.stream().flatMap(l -> l.items().stream()).toList();
            int uses = ((StencilDesign) laid.getFirst().design()).usesBetweenWashes();
            shared.add(
                new SharedSheet(
                    id,
                    laid.stream().map(l -> l.lay().id()).toList(),
                    StencilPasses.count(LayReader.positions(face, items), uses)));
          }
        });
    return shared;
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
}
