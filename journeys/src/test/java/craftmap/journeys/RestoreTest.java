package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A studio that was backed up is there again on another machine, as it was. */
class RestoreTest extends Journey {
  @TempDir private Path folder;

  private static String get(String address, String path) throws Exception {
    return HttpClient.newHttpClient()
        .send(
            HttpRequest.newBuilder(URI.create(address + path)).build(),
            HttpResponse.BodyHandlers.ofString())
        .body();
  }

  private void isTheSameStudio(String before, String after) throws Exception {
    for (String path :
        List.of(
            "/api/pieces/sea-chest/history",
            "/api/pieces/folding-screen/order",
            "/api/shelf?find=fern",
            "/api/holdings/bone-white",
            "/api/logbook")) {
      assertThat(untimed(get(after, path)))
          .as(path)
          .isEqualTo(untimed(get(before, path)))
          .doesNotContain("problem");
    }
  }

  /** Without what minute it is: it may be another one by the time the second is asked. */
  private static String untimed(String answer) {
    return answer.replaceAll("\"now(At)?\":(\"[^\"]*\"|-?\\d+)", "");
  }

  @Test
  void whatIsMadeOnTheScreenIsBroughtBackIntoAnEmptyStudioOnTheScreen() throws Exception {
    go("/studio/backup");
    everyoneCanUseIt();
    Download download =
        page.waitForDownload(
            () ->
                page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Make a backup"))
                    .click());
    assertThat(download.suggestedFilename()).matches("saltmarsh-studio-.*\\.backup\\.zip");
    Path file = folder.resolve(download.suggestedFilename());
    download.saveAs(file);
    Locator made =
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Made lately"));
    assertThat(made.getByRole(AriaRole.LISTITEM).first()).containsText("just now");

    // a studio that is there is looked at, and not written over
    page.getByLabel("Choose a file…").setInputFiles(file);
    assertThat(page.getByTestId("held")).containsText("Saltmarsh Studio");
    assertThat(button("Bring it all back")).hasCount(0);

    try (App fresh = App.start(folder.resolve("fresh"), "--empty")) {
      page.navigate(fresh.address() + "/studio/backup");
      page.getByLabel("Choose a file…")
          .setInputFiles(Files.writeString(folder.resolve("a.zip"), "a"));
      assertThat(page.getByText("is no backup")).isVisible();
      page.getByLabel("Choose a file…").setInputFiles(file);
      assertThat(page.getByTestId("held")).containsText("whole and as it was written");
      everyoneCanUseIt();
      button("Bring it all back").click();
      assertThat(page.getByText("Sea chest for the autumn fair").first()).isVisible();
      isTheSameStudio(app().address(), fresh.address());
    }
  }

  @Test
  void whatTheCommandMakesWhileCraftMapRunsIsBroughtBackIntoANewFolder() throws Exception {
    Path file = folder.resolve("night.zip");
    assertThat(run("backup", file.toString(), "--data", app().data().toString()))
        .startsWith("0: Saltmarsh Studio is in ")
        .contains("read back and counted");
    Path fresh = folder.resolve("fresh");
    assertThat(run("restore", file.toString(), "--data", fresh.toString()))
        .startsWith("0: Saltmarsh Studio brought back: ");
    assertThat(run("restore", file.toString(), "--data", fresh.toString()))
        .isEqualTo(
            "1: Craft Map: night.zip cannot be brought back: this studio is not empty."
                + " Nothing was changed.");
    try (App again = App.start(fresh)) {
      isTheSameStudio(app().address(), again.address());
    }
    assertThat(run("backup", folder.resolve("none/x.zip").toString(), "--data", fresh.toString()))
        .startsWith("1: Craft Map: cannot write to");
    assertThat(run("backup", file.toString(), "--data", folder.resolve("nobody").toString()))
        .startsWith("1: Craft Map: there is no studio in");
    assertThat(run("restore", folder.resolve("not there").toString()))
        .startsWith("1: Craft Map: cannot read");
  }

  private static String run(String command, String... given) throws Exception {
    List<String> all = new ArrayList<>(List.of(App.home().resolve("bin/" + command).toString()));
    all.addAll(List.of(given));
    Process process = new ProcessBuilder(all).redirectErrorStream(true).start();
    String said = new String(process.getInputStream().readAllBytes());
    return process.waitFor() + ": " + said.strip();
  }
}
