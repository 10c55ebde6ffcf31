/**
 * Sheets of office paper to write and draw on, in millimetres, with the shipped fonts. Shown to
 * other packages: {@link craftmap.server.paper.Page}, {@link craftmap.server.paper.Paper}, {@link
 * craftmap.server.paper.Fonts}.
 */
package craftmap.server.paper;
