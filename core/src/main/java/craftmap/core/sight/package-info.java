/**
 * Faces on photos: where a face lies on a picture of the piece, told by a few places that are known
 * on both, and what can be measured there. Plane projective geometry after Hartley and Zisserman,
 * "Multiple View Geometry", chapters 4 and 8.
 */
package craftmap.core.sight;
