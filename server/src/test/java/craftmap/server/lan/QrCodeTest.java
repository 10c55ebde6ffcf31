package craftmap.server.lan;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.decoder.Decoder;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class QrCodeTest {
  @Test
  void aCameraReadsTheAddressWithItsLetters() throws Exception {
    String address = "https://192.168.117.203:8443/pair#KXWZTR";
    QrCode code = QrCode.of(address);
    BitMatrix seen = new BitMatrix(code.modules());
    Matcher dark = Pattern.compile("M(\\d+) (\\d+)h1v1h-1z").matcher(code.path());
    while (dark.find()) {
      seen.set(Integer.parseInt(dark.group(1)), Integer.parseInt(dark.group(2)));
    }
    assertThat(new Decoder().decode(seen).getText()).isEqualTo(address);
  }
}
