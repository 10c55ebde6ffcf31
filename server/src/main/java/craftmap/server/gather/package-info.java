/**
 * What a piece takes against what is on the shelf, and booking it when the work is done. Shown to
 * other packages: {@link craftmap.server.gather.GatherService}.
 */
package craftmap.server.gather;
