package craftmap.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.assertj.core.api.Assertions;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A visit at the bench on a tablet, with the server gone in the middle of it. */
class BenchAwayTest extends Journey {
  private static final String PIECE = "/api/pieces/sea-chest";
  private static final int FEWEST_TAPS_AWAY = 4;
  private static final int MOST_TAPS_AWAY = 12;

  private static final String NOTHING_KEPT =
      """
      () => new Promise((told) => {
        const opened = indexedDB.open('craftmap-bench');
        opened.onsuccess = () => {
          const count = opened.result.transaction('tellings').objectStore('tellings').count();
          count.onsuccess = () => {
            opened.result.close();
            told(count.result === 0);
          };
        };
      })
      """;

  @TempDir Path folder;
  private Page tablet;

  private JsonElement get(App app, String path) {
    return JsonParser.parseString(tablet.request().get(app.address() + path).text());
  }

  private Locator title() {
    return tablet.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
  }

  private Locator tapped(String name) {
    return tablet.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private Locator banner() {
    return tablet.getByText("The server cannot be reached.");
  }

  private void done() {
    tapDone(tablet);
  }

  /** The steps that are done, by their keys. */
  private List<String> doneSteps(App app) {
    List<String> done = new ArrayList<>();
    for (JsonElement row : get(app, PIECE + "/order").getAsJsonObject().getAsJsonArray("rows")) {
      for (JsonElement step : row.getAsJsonObject().getAsJsonArray("steps")) {
        JsonObject s = step.getAsJsonObject();
        if (s.get("done").getAsBoolean()) {
          done.add(s.get("key").getAsString());
        }
      }
    }
    return done;
  }

  /** What is in each pot that the chest draws on, by the pot's name. */
  private Map<String, Double> levels(App app) {
    Map<String, Double> levels = new HashMap<>();
    for (JsonElement need : get(app, PIECE + "/gather").getAsJsonObject().getAsJsonArray("needs")) {
      JsonObject n = need.getAsJsonObject();
      levels.put(n.get("potName").getAsString(), n.get("levelMl").getAsDouble());
    }
    return levels;
  }

  @Test
  void theBenchGoesOnWithoutTheServerAndSendsEachTapOnce() throws IOException {
    App app = App.start(FoundedStudio.copiedTo(folder));
    try (BrowserContext context =
        page.context()
            .browser()
            .newContext(new Browser.NewContextOptions().setViewportSize(1024, 768))) {
      tablet = context.newPage();
      JsonArray ahead = get(app, PIECE + "/work/ahead").getAsJsonArray();
      List<String> before = doneSteps(app);
      Map<String, Double> levels = levels(app);
      tablet.navigate(app.address() + "/pieces/sea-chest/work");
      // the server is told once, and told that it was not so: which step comes first goes by the
      // hour, and the one that breaks below must still be to come
      String first = title().innerText();
      done();
      eventually(tablet, () -> doneSteps(app).size() == before.size() + 1);
      tapped("Not done after all: " + first).click();
      eventually(tablet, () -> doneSteps(app).size() == before.size());
      // nothing is under way, and the browser has what it needs to go on alone
      eventually(tablet, () -> (boolean) tablet.evaluate(NOTHING_KEPT));
      eventually(
          tablet,
          () ->
              (boolean)
                  tablet.evaluate(
                      "async () => { const c = await caches.open('bench');"
                          + " return (await c.keys()).some((k) => k.url.endsWith('/bench-page')); }"));
      int port = app.port();
      app.killHard();
      List<String> told = new ArrayList<>();
      boolean broke = false;
      while ((told.size() < FEWEST_TAPS_AWAY || !broke || told.getLast().startsWith("Cast "))
          && told.size() < MOST_TAPS_AWAY) {
        told.add(title().innerText());
        done();
        if (told.getLast().startsWith("Cast ")) {
          // whenever its turn is: it broke as it came out of the mould
          broke = true;
          tapped("Something is wrong with it").click();
          tapped("Broken").click();
          tapped("Off with it, and once more").click();
        }
      }
      Assertions.assertThat(broke).as("a casting among " + told).isTrue();
      assertThat(banner()).isVisible();
      // what broke is one more
      assertThat(tablet.getByText("%d taps so far".formatted(told.size() + 1))).isVisible();
      // the last of them was a mistake, and something is to be remembered
      tapped("Not done after all: " + told.getLast()).click();
      assertThat(title()).hasText(told.getLast());
      tapped("Note").click();
      tablet.getByLabel("What to remember of this step").fill("The wind took the dust sheet.");
      tapped("Keep the note").click();
      String next = title().innerText();
      // the tablet is put away and taken out again
      tablet.reload();
      assertThat(title()).hasText(next);
      assertThat(banner()).isVisible();
      // at the same address
      try (App again = App.start(folder, "--port", "" + port)) {
        Assertions.assertThat(again.said()).isNotEmpty();
        assertThat(banner()).isHidden();
        eventually(tablet, () -> doneSteps(app).size() == before.size() + told.size() - 1);
        // what was a mistake is left to do, and what was noted is with the step
        Assertions.assertThat(get(app, PIECE + "/work/ahead").toString())
            .contains(told.getLast())
            .contains("The wind took the dust sheet.");
        // what broke is made once more, once
        Assertions.assertThat(get(app, PIECE + "/work/ahead").getAsJsonArray())
            .filteredOn(s -> s.getAsJsonObject().get("key").getAsString().startsWith("mend:"))
            .extracting(s -> s.getAsJsonObject().get("title").getAsString())
            .singleElement()
            .asString()
            .startsWith("Once more: cast ");
        Assertions.assertThat(get(app, "/api/logbook?find=DUST").toString())
            .contains("The wind took the dust sheet.");
        // what was poured was booked once for each step that is done
        List<String> done = doneSteps(app);
        done.removeAll(before);
        Map<String, Double> poured = new HashMap<>();
        for (JsonElement step : ahead) {
          JsonObject s = step.getAsJsonObject();
          if (done.contains(s.get("key").getAsString()) && s.has("pot")) {
            JsonObject pot = s.getAsJsonObject("pot");
            poured.merge(pot.get("name").getAsString(), pot.get("ml").getAsDouble(), Double::sum);
          }
        }
        Assertions.assertThat(poured).isNotEmpty();
        levels(app)
            .forEach(
                (pot, ml) ->
                    Assertions.assertThat(levels.get(pot) - ml)
                        .as(pot)
                        .isCloseTo(poured.getOrDefault(pot, 0.0), Offset.offset(0.02)));
      }
    }
  }
}
