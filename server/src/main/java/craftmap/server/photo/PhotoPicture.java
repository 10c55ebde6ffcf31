package craftmap.server.photo;

import static craftmap.core.measure.Figure.said;

import craftmap.server.picture.PictureFile;
import java.awt.image.BufferedImage;

/** A photo as it is kept: written anew, upright, without metadata. */
record PhotoPicture(byte[] jpeg, byte[] thumbnail, int widthPx, int heightPx) {
  static final int LONGER_SIDE_PX = 2400;
  private static final int THUMBNAIL_PX = 420;
  private static final float QUALITY = 0.88f;

  static PhotoPicture read(byte[] file) {
    BufferedImage upright =
        PictureFile.onWhite(PictureFile.read(said("photo"), file, LONGER_SIDE_PX));
    return new PhotoPicture(
        PictureFile.jpeg(upright, QUALITY),
        PictureFile.jpeg(PictureFile.scaled(upright, THUMBNAIL_PX), QUALITY),
        upright.getWidth(),
        upright.getHeight());
  }
}
