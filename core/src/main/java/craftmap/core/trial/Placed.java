package craftmap.core.trial;

import craftmap.core.plane.Box;

/**
 * One copy, or one sheet, on the face.
 *
 * @param onFace the box it takes up, turned already
 * @param turnDeg clockwise, in quarters
 */
public record Placed(Box onFace, double turnDeg) {}
