/**
 * The studio's bench: its people and their hours, its climate, its room to dry. Shown to other
 * packages: {@link craftmap.server.bench.Benches}.
 */
package craftmap.server.bench;
