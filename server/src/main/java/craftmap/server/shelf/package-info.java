/**
 * What the studio owns: designs of every kind, media with their labels, tools. How much there is of
 * each is the business of {@code stock}. Shown to other packages: {@link
 * craftmap.server.shelf.Designs}, {@link craftmap.server.shelf.Media}, {@link
 * craftmap.server.shelf.Tools}, and {@link craftmap.server.shelf.ShelfService} for the shelf as
 * plans see it.
 */
package craftmap.server.shelf;
