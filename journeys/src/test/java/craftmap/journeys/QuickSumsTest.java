package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/** All the sums people reach for a calculator for. */
class QuickSumsTest extends Journey {
  private Locator line(String kind) {
    return page.locator("[data-sum=" + kind + "]");
  }

  private Locator answer(String kind) {
    return line(kind).getByTestId("answer");
  }

  private Locator in(String kind, String label) {
    return line(kind).getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
  }

  @Test
  void aRunIsSummedWithoutAPieceAndTicked() {
    go("/sums/run?length=870mm&motif=96+mm&gap=24mm&ends=10mm");
    assertThat(answer("RUN")).containsText("7 whole, motif on centre");
    assertThat(in("RUN", "Length of the line")).hasValue("870mm");
    eventually(() -> markFigures().size() == 7);
    assertThat(markFigures())
        .isEqualTo(
            List.of(
                "2 15/16\"",
                "7 11/16\"",
                "12 3/8\"",
                "17 1/8\"",
                "21 7/8\"",
                "26 9/16\"",
                "31 5/16\""));
    option("6 whole, gap on centre").click();
    assertThat(marks()).hasCount(6);
    assertThat(answer("RUN")).containsText("6 whole");
    nothingIsInAnybodysWay();

    in("RUN", "Width of the motif").fill("abc");
    assertThat(line("RUN").getByRole(AriaRole.ALERT))
        .containsText("Width of the motif (abc) is not a length");
    in("RUN", "Width of the motif").fill("3 m");
    assertThat(answer("RUN")).containsText("not one fits");
    in("RUN", "Width of the motif").press("Escape");
    assertThat(answer("RUN")).containsText("7 whole");
  }

  @Test
  void everySumIsAnsweredAsOneTypesAndHasAnAddress() {
    go("/sums");
    assertThat(page.locator("[data-sum]")).hasCount(17);
    assertThat(page.getByTestId("answer")).hasCount(17);

    in("MIX", "So much in all").fill("310");
    in("MIX", "First part").fill("2");
    assertThat(answer("MIX")).containsText("207 ml of the first, 103 ml of the second");
    assertThat(
            page.getByRole(
                AriaRole.IMG, new Page.GetByRoleOptions().setName("A mix by parts, drawn")))
        .isVisible();
    in("MIX", "Parts by").selectOption("WEIGHT");
    assertThat(answer("MIX")).containsText("g of the first");

    in("DRYING", "Temperature").fill("15");
    in("DRYING", "Damp").fill("70");
    assertThat(answer("DRYING")).containsText("dry after 2.4 h");
    assertThat(page.url()).contains("/sums/drying?").contains("damp=70");
    // what was typed elsewhere stays
    assertThat(in("MIX", "So much in all")).hasValue("310");

    page.reload();
    assertThat(answer("DRYING")).containsText("dry after 2.4 h");
    assertThat(line("DRYING").getByRole(AriaRole.BUTTON)).hasAttribute("aria-expanded", "true");
    nothingIsInAnybodysWay();
  }

  @Test
  void aSumIsTakenAlongAsTextAndAsALinkThatMeansTheSameAnywhere() {
    page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
    go("/sums/sheets?width=34+1%2F4&height=16+1%2F2");
    assertThat(answer("SHEETS")).containsText("sheet");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Copy as text")).click();
    eventually(
        () -> clipboard().startsWith("Sheets to cover a face\nOver a face 34 1/4\" by 16 1/2\""));
    assertThat(clipboard()).contains("No plan needs fewer than: ");

    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Copy link")).click();
    eventually(() -> clipboard().contains("/sums/sheets?"));
    String link = clipboard();
    String told = page.getByTestId("says").innerText();
    setTape("MM_1");
    page.navigate(link);
    assertThat(in("SHEETS", "Width of the face")).hasValue("34 1/4\"");
    assertThat(answer("SHEETS")).containsText(told.substring(0, told.indexOf(" ·")));
  }

  private String clipboard() {
    return (String) page.evaluate("navigator.clipboard.readText()");
  }

  @Test
  void onAPhoneNothingIsOffTheSide() {
    page.setViewportSize(390, 844);
    go("/sums/border");
    assertThat(answer("BORDER")).containsText("to a side");
    eventually(
        () ->
            (Boolean)
                page.evaluate(
                    "() => document.querySelector('main').scrollWidth <= window.innerWidth"));
  }
}
