/**
 * Files of pictures, hostile until read: their kind is told by their content, their size is looked
 * at before they are decoded. Shown to other packages: {@link craftmap.server.picture.PictureFile}.
 */
package craftmap.server.picture;
