/**
 * What goes under, between and over the designs: groups of faces that get the same coats, their
 * build-ups from the bare surface up, what is proposed, what shows, what it takes, what would fail.
 */
package craftmap.core.coats;
