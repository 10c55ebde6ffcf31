/** A group worked out, with all that is found in it and what would truly mend it. */
package craftmap.core.coats.reading;
