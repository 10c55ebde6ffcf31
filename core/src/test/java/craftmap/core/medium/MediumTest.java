package craftmap.core.medium;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

class MediumTest {
  @Test
  void theLibraryHasAboutFortyKindsForEveryRole() {
    assertThat(GenericMedium.all()).hasSizeBetween(38, 50);
    Set<Role> roles = new HashSet<>();
    GenericMedium.all().forEach(g -> roles.add(g.medium().kind().role()));
    assertThat(roles).contains(Role.values());
    assertThat(GenericMedium.all().stream().map(GenericMedium::key)).doesNotHaveDuplicates();
  }

  @Test
  void everyKindReadsFromABlankLabelAsItsTypicalSelf() {
    for (GenericMedium generic : GenericMedium.all()) {
      MeasureSheet blank = MeasureSheet.blank();
      Medium read = Medium.read(generic.key(), generic.name(), generic, blank);
      assertThat(read).isEqualTo(generic.medium());
      assertThat(blank.entries()).noneMatch(MeasureSheet.Entry::taken).hasSizeGreaterThan(20);
    }
  }

  @Test
  void theLabelWinsOverWhatIsTypical() {
    GenericMedium chalky = GenericMedium.find("chalky-paint").orElseThrow();
    MeasureSheet label =
        new MeasureSheet(
            Map.of("spread", 13.5, "recoatFrom", 60.0, "cure", 336.0),
            Map.of("colour", "#1f4650", "water", "WET"));
    Medium read = Medium.read("m", "Deep estuary", chalky, label);
    assertThat(read.coverage().spreadM2PerLitre()).isEqualTo(13.5);
    assertThat(read.drying().recoatFrom()).hasMinutes(60);
    assertThat(read.drying().cure()).hasHours(336);
    assertThat(read.wear().water()).isEqualTo(WaterResistance.WET);
    assertThat(read.label("pot").colour().hex()).isEqualTo("#1F4650");
    assertThat(label.entries())
        .filteredOn(MeasureSheet.Entry::taken)
        .extracting(MeasureSheet.Entry::key)
        .containsExactlyInAnyOrder("spread", "recoatFrom", "cure", "colour", "water");
  }

  @Test
  void aLabelThatCannotBeIsRefusedNamingTheField() {
    GenericMedium resin = GenericMedium.find("pouring-resin").orElseThrow();
    refused(resin, Map.of("recoatFrom", 600.0), "recoat-until");
    refused(resin, Map.of("partA", 0.0), "first-part");
    refused(resin, Map.of("spread", 0.0), "spread");
    refused(resin, Map.of("coats", 2.5), "coats-usually");
  }

  private static void refused(GenericMedium of, Map<String, Double> label, String field) {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> Medium.read("m", "M", of, new MeasureSheet(label, Map.of())))
        .satisfies(e -> assertThat(e.field()).isEqualTo(field));
  }

  @Test
  void partsOfAMixAreShares() {
    Assertions.assertThat(new Mix(4, 1, SoldBy.VOLUME).shareOfA()).isEqualTo(0.8);
  }

  @Test
  void aToolLosesWhatIsTypicalOfItUntilSomeoneKnowsBetter() {
    Tool sponge = Tool.read("s", "Sponge", new MeasureSheet(Map.of(), Map.of("kind", "SPONGE")));
    assertThat(sponge.loss()).isEqualTo(0.15);
    Tool mine =
        Tool.read("s", "Sponge", new MeasureSheet(Map.of("loss", 22.0), Map.of("kind", "SPONGE")));
    assertThat(mine.loss()).isEqualTo(0.22);
  }
}
