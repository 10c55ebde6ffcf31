package craftmap.server.studio;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import craftmap.server.ServerClasses;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AskersTest {
  @ParameterizedTest
  @CsvSource(
      nullValues = "none",
      delimiter = '|',
      value = {
        "none | ''",
        "Wren | Wren",
        "J%C3%B8rn%20of%20the%20Marsh | Jørn of the Marsh",
        "%20Wren%0D%0ASet-Cookie%3A%20x | WrenSet-Cookie: x",
        "%ZZ | ''",
      })
  void theNameIsWhatThePageSaysAndNeverMoreThanALine(String header, String name) {
    assertThat(Askers.person(header)).isEqualTo(name);
  }

  @Test
  void nothingFindsOutForItselfWhoAsks() {
    noClasses()
        .that()
        .resideOutsideOfPackages("..studio..", "..demo..")
        .should()
        .callMethod(Studios.class, "first")
        .check(ServerClasses.ALL);
  }
}
