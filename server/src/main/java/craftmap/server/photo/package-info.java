/**
 * Photos of a piece before, during and after.
 *
 * <p>A file is hostile until read: its kind is told by its content, its size is looked at before it
 * is decoded, and what is kept is a picture written anew, upright, without any metadata. Shown to
 * other packages: {@link craftmap.server.photo.Photos}.
 */
package craftmap.server.photo;
