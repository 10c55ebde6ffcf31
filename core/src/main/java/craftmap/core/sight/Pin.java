package craftmap.core.sight;

import craftmap.core.plane.Point;

/** A place that is known on the face and was found on the photo. */
public record Pin(Point onFace, Spot at) {}
