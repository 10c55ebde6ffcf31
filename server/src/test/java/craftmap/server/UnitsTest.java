package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class UnitsTest extends ServerTest {
  @AfterEach
  void backToInches() {
    put("/api/studio/tape", Map.of("division", "INCH_16"));
  }

  @Test
  void theStudiosTapeDecidesHowLengthsAreReadAndShown() {
    assertThat(width()).isEqualTo("34 1/4\"");
    assertThat(length("34 1/4", "SIZE").body().path("mm").asDouble()).isEqualTo(34.25 * 25.4);

    put("/api/studio/tape", Map.of("division", "MM_1"));
    assertThat(width()).isEqualTo("870 mm");
    assertThat(length("870", "SIZE").body().path("mm").asDouble()).isEqualTo(870);
    assertThat(length("34 1/4\"", "SIZE").body().path("text").asString()).isEqualTo("870 mm");
  }

  @Test
  void aLengthThatCannotBeIsRefusedInASentence() {
    assertThat(length("40 m", "SIZE").detail())
        .as("what was typed as it was typed, the rest on the studio's tape")
        .isEqualTo("Width (40 m) is too long. Give a length above 0 and up to 65.61 ft.");
    assertThat(length("0", "SIZE").status()).isEqualTo(422);
    assertThat(length("0", "DISTANCE").status()).isEqualTo(200);
    assertThat(length("-3/8\"", "PLACE").body().path("mm").asDouble())
        .isCloseTo(-9.525, within(1e-9));
    assertThat(length("wide", "SIZE").detail()).startsWith("Width (wide) is not a length.");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "INCH_16|Gap (-0.287\") is below nothing. Give a length from 0 and up to 65.61 ft.",
        "MM_1|Gap (-7.3 mm) is below nothing. Give a length from 0 and up to 20 m.",
        "CM_TENTH|Gap (-0.73 cm) is below nothing. Give a length from 0 and up to 20 m."
      })
  void whatIsRefusedIsToldInTheStudiosUnits(String tape, String sentence) {
    JsonNode chest = newChest("In units");
    ObjectNode plan = withFernBand(chest.path("document"), "band", 97.3);
    ((ObjectNode) plan.at("/lays/0/rule/measures")).put("gap", -7.3);
    put("/api/studio/tape", Map.of("division", tape));
    assertThat(save(chest, plan, "bad", null).detail()).isEqualTo(sentence);
  }

  private String width() {
    return get("/api/pieces/sea-chest").body().at("/reading/form/fields/0/length/text").asString();
  }

  private Answer length(String text, String kind) {
    return post("/api/lengths", Map.of("field", "Width", "text", text, "kind", kind));
  }
}
