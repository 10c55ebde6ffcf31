package craftmap.core.plan;

import craftmap.core.lay.pass.StencilPasses;
import java.util.List;

/** Lays of one face that are painted through the same sheet, planned together. */
public record SharedSheet(String designId, List<String> layIds, StencilPasses.Counted passes) {
  public SharedSheet {
    layIds = List.copyOf(layIds);
  }
}
