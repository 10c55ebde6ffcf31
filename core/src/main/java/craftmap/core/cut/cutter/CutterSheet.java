package craftmap.core.cut.cutter;

import craftmap.core.plane.Box;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/**
 * One thing to cut.
 *
 * @param cutOut what comes out: openings of a stencil, letters of vinyl, a part of a sheet
 * @param edge the sheet's own edge, which is cut as well; none where the rest is weeded away
 */
public record CutterSheet(String name, Geometry cutOut, Optional<Box> edge) {}
