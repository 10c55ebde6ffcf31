/**
 * Artwork: drawings and pictures as they are kept, at their true size. A file is hostile until
 * read: what is kept is written anew, SVG from its shapes alone, pictures from their pixels. Shown
 * to other packages: {@link craftmap.server.artwork.Artworks} and what it answers.
 */
package craftmap.server.artwork;
