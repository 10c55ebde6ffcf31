package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.modulith.core.ApplicationModules;
import tools.jackson.databind.JsonNode;

/** What is written down about the server is what it does. */
class DescriptionTest extends ServerTest {
  /** Writing the file anew: run with -Dcraftmap.describe=true. */
  @Test
  void theInterfaceIsTheOneThatIsCheckedIn() throws IOException {
    Path file = TestDatabase.home().resolve("docs/openapi.json");
    JsonNode now = get("/api/openapi").body();
    if (Boolean.getBoolean("craftmap.describe")) {
      Files.writeString(file, json.writerWithDefaultPrettyPrinter().writeValueAsString(now) + "\n");
    }
    assertThat(now).isEqualTo(json.readTree(Files.readString(file)));
  }

  @Test
  void featuresKeepToThemselves() {
    ApplicationModules modules = ApplicationModules.of(CraftMapApplication.class);
    assertThat(modules.stream().map(m -> m.getIdentifier().toString()))
        .contains("piece", "shelf", "studio", "gather", "print", "sums", "route");
    modules.verify();
  }
}
