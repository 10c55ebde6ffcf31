package craftmap.server.fields;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvTest {
  @ParameterizedTest
  @ValueSource(
      strings = {"=1+1", "+1 of it", "-cmd|' /C calc'!A0", "@SUM(A1)", "\ttab", "-", "=", "--2"})
  void whatATableProgramWouldRunIsWrittenAsTextAndReadBackAsItWas(String cell) {
    String written = Csv.cell(cell);
    assertThat(written).startsWith("'");
    assertThat(Csv.plain(written)).isEqualTo(cell);
  }

  @ParameterizedTest
  @ValueSource(strings = {"-3.5", "12", "-0,25", "Fern band", "", "'tis", "3/4\"", "a=b"})
  void figuresAndWordsAreLeftAlone(String cell) {
    assertThat(Csv.cell(cell)).isEqualTo(cell);
    assertThat(Csv.plain(cell)).isEqualTo(cell);
  }

  @Test
  void aListHasItsHeadAndQuotesWhatHasCommas() {
    assertThat(Csv.of(List.of("name", "level"), List.of(List.of("Reeds, tall", -2.5))))
        .isEqualTo("name,level\r\n\"Reeds, tall\",-2.5\r\n");
  }
}
