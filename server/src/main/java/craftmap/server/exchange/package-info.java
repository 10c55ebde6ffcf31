/**
 * A piece as files that others can read: one JSON file with everything ({@code
 * docs/piece-file.md}), its map as SVG, its faces as SVG or DXF templates at true size. An imported
 * file is hostile until read; one that is refused changes nothing.
 */
package craftmap.server.exchange;
