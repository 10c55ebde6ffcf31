package craftmap.core.plan.reading;

import craftmap.core.form.Join;
import craftmap.core.lay.BlemishCover;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Part;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.SharedSheet;
import craftmap.core.plan.cutting.Pool;
import craftmap.core.surface.Face;
import craftmap.core.surface.FaceMeasure;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.MapGrid;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.Squareness;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Geometry;

/**
 * Everything a plan comes to.
 *
 * @param pools what all its lays take together, design by design
 */
public record PlanReading(
    List<FaceReading> faces,
    List<Join> joins,
    List<Part> parts,
    List<Pool> pools,
    boolean forSale) {
  public PlanReading {
    faces = List.copyOf(faces);
    joins = List.copyOf(joins);
    parts = List.copyOf(parts);
    pools = List.copyOf(pools);
  }

  /**
   * One face of the plan.
   *
   * @param squareness where it was taped out of square
   * @param datum the edge that the eye reads first: set out from it
   * @param shared lays that are painted through the same sheet
   * @param insets what of it belongs to faces that are set into it
   * @param strayKeepOuts keep-outs that lie beside the face since it was made smaller
   */
  public record FaceReading(
      PlanFace place,
      MapGrid grid,
      FaceMeasure measure,
      Optional<Squareness> squareness,
      Edge datum,
      List<LayReading> lays,
      List<SharedSheet> shared,
      List<BlemishCover> blemishes,
      List<Geometry> insets,
      List<KeepOut> strayKeepOuts) {
    public FaceReading {
      insets = List.copyOf(insets);
      lays = List.copyOf(lays);
      shared = List.copyOf(shared);
      blemishes = List.copyOf(blemishes);
      strayKeepOuts = List.copyOf(strayKeepOuts);
    }

    public Face face() {
      return place.face();
    }
  }

  public Optional<FaceReading> find(String id) {
    return faces.stream().filter(f -> f.face().id().equals(id)).findFirst();
  }

  public FaceReading face(String id) {
    return find(id).orElseThrow();
  }

  /** What a lay shares of its design with the others; none where it takes nothing off the shelf. */
  public Optional<Pool> poolOf(String layId, String designId) {
    return pools.stream().filter(p -> p.design().id().equals(designId) && p.has(layId)).findFirst();
  }

  public List<LayReading> lays() {
    return faces.stream().flatMap(f -> f.lays().stream()).toList();
  }

  /** Those that fit, once each: on the face they are led from. */
  public Stream<LayReading.Laid> led() {
    return lays().stream()
        .filter(LayReading.Laid.class::isInstance)
        .map(LayReading.Laid.class::cast)
        .filter(LayReading.Laid::lead);
  }

  /** One of them. */
  public Optional<LayReading.Laid> led(String layId) {
    return led().filter(l -> l.lay().id().equals(layId)).findFirst();
  }

  /** Everything a coat has to cover. */
  public double workedMm2() {
    return faces.stream()
        .filter(f -> f.place().shown())
        .mapToDouble(f -> f.measure().workedMm2())
        .sum();
  }
}
