package craftmap.core.surface.outline;

/** An outline of a wall that is rolled up: its left and right ends are one seam. */
public sealed interface RolledUp permits CylinderOutline, ConeOutline {}
