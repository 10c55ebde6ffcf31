package craftmap.server.lan;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Map;

/**
 * A text for a camera, as a path to be filled.
 *
 * @param modules how many units it is wide and high, without the quiet zone
 * @param path its dark modules, each a unit wide
 */
record QrCode(int modules, String path) {
  static QrCode of(String text) {
    try {
      BitMatrix bits =
          new QRCodeWriter()
              .encode(text, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 0));
      StringBuilder path = new StringBuilder();
      for (int y = 0; y < bits.getHeight(); y++) {
        for (int x = 0; x < bits.getWidth(); x++) {
          if (bits.get(x, y)) {
            path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
          }
        }
      }
      return new QrCode(bits.getWidth(), path.toString());
    } catch (WriterException e) {
      throw new IllegalStateException("impossible state: an address is short enough", e);
    }
  }
}
