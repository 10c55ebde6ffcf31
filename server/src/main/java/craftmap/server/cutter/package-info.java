/**
 * Cutting a lay's lines on a cutter with a blade: laid on mats, as files, and sent. The cutter
 * behind {@code Cutter} is a simulated one that ships and listens on a local socket; a real one's
 * bridge would listen in its place.
 *
 * <p>What is said over the socket, in lines of UTF-8 text:
 *
 * <pre>
 * STATE                         asks
 * READY width length name       the mat that is loaded, mm
 *
 * CUT bytes                     a plotter file of that many bytes follows
 * REFUSED code detail ...       and nothing is cut
 * ACCEPTED lines seconds lifts cut travel      s, mm
 * STROKE from until x,y x,y ... each line as it is cut: s from the start, mm from the mat's bottom
 *                               left corner
 * DONE
 * </pre>
 */
package craftmap.server.cutter;
