/**
 * Lines for a cutter with a blade: what is cut out, laid on mats, in the order of the cuts. Comes
 * in: areas to cut out of sheets, and the mat. What comes out: closed paths in millimetres from the
 * mat's top left corner, what lies inside before what is around it, and the same as a plotter file.
 */
package craftmap.core.cut.cutter;
