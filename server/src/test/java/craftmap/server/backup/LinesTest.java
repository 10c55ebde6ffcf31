package craftmap.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LinesTest {
  private static final int ROOMY = 1_000_000;

  /** Gives as little or as much at a time as a file on a slow disk may. */
  private static InputStream inBits(byte[] bytes, Random dice) {
    return new ByteArrayInputStream(bytes) {
      @Override
      public int read(byte[] into, int at, int most) {
        return super.read(into, at, Math.min(most, 1 + dice.nextInt(9_973)));
      }
    };
  }

  @ParameterizedTest
  @ValueSource(longs = {3, 17, 2_026})
  void eachComesWithItsEndAndTogetherTheyAreTheFile(long seed) throws Exception {
    Random dice = new Random(seed);
    List<byte[]> written = new ArrayList<>();
    ByteArrayOutputStream file = new ByteArrayOutputStream();
    for (int i = 0; i < 211; i++) {
      byte[] row = new byte[1 + (dice.nextInt(7) == 0 ? dice.nextInt(300_000) : dice.nextInt(90))];
      dice.nextBytes(row);
      for (int b = 0; b < row.length; b++) {
        row[b] = row[b] == '\n' ? (byte) ' ' : row[b];
      }
      if (i < 210 || seed == 17) {
        row[row.length - 1] = '\n';
      }
      written.add(row);
      file.writeBytes(row);
    }
    Lines lines = new Lines(inBits(file.toByteArray(), dice), ROOMY);
    for (byte[] row : written) {
      assertThat(lines.next()).isEqualTo(row);
    }
    assertThat(lines.next()).isEmpty();
    assertThat(lines.next()).isEmpty();
  }

  @Test
  void oneThatIsLongerThanAnyIsNotReadToItsEnd() throws Exception {
    byte[] short_ = new byte[500];
    short_[499] = '\n';
    byte[] both = Arrays.copyOf(short_, 5_000_000);
    InputStream in = new ByteArrayInputStream(both);
    Lines lines = new Lines(in, 500);
    assertThat(lines.next()).hasSize(500);
    assertThatThrownBy(lines::next).isInstanceOf(Lines.TooLong.class);
    assertThat(in.available()).isGreaterThan(4_000_000);
  }

  @Test
  void anEmptyFileHasNone() throws Exception {
    assertThat(new Lines(InputStream.nullInputStream(), ROOMY).next()).isEmpty();
  }
}
