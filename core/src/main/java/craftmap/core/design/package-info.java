/** What goes onto a face: designs of seventeen kinds, and how each of them comes. */
package craftmap.core.design;
