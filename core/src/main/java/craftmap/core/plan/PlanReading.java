package craftmap.core.plan;

import craftmap.core.lay.BlemishCover;
import craftmap.core.surface.Box;
import craftmap.core.surface.Face;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.MapGrid;
import java.util.List;

/** Everything a plan comes to. */
public record PlanReading(List<FaceReading> faces) {
  public PlanReading {
    faces = List.copyOf(faces);
  }

  /**
   * One face of the plan.
   *
   * @param strayKeepOuts keep-outs that lie beside the face since it was made smaller
   */
  public record FaceReading(
      Face face,
      Box onNet,
      MapGrid grid,
      List<LayReading> lays,
      List<BlemishCover> blemishes,
      List<KeepOut> strayKeepOuts) {
    public FaceReading {
      lays = List.copyOf(lays);
      blemishes = List.copyOf(blemishes);
      strayKeepOuts = List.copyOf(strayKeepOuts);
    }
  }

  public FaceReading face(String id) {
    return faces.stream().filter(f -> f.face().id().equals(id)).findFirst().orElseThrow();
  }

  public List<LayReading> lays() {
    return faces.stream().flatMap(f -> f.lays().stream()).toList();
  }
}
