package craftmap.journeys;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.LoadState;
import java.util.function.DoubleSupplier;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Frames a second while the map with 40 bands and over 2,000 items is moved, and while one of its
 * bands is dragged. Run it with {@code mvn -Pbench -pl journeys test}.
 */
@Tag("bench")
class DragBench extends Journey {
  private static final int MOVES = 180;

  /** Sixty bands of more than fifty ferns each: over 3,000 copies on one face. */
  private static final int LAYS = 60;

  private static final int OPENINGS = 15;

  /** The server was started a moment ago. */
  private static final int TO_WARM_UP = 15;

  @Test
  void aFullFace() {
    deaf(page);
    page.navigate("/sums");
    String id = fullChest();
    go("/pieces/" + id + "/lay-out/front/band-20");
    page.getByTestId("line").waitFor();
    page.waitForLoadState(LoadState.NETWORKIDLE);
    BoundingBox map = page.getByTestId("map").boundingBox();
    frames("the map is moved", map.x + 60, map.y + 20, 1);
    BoundingBox line = page.getByTestId("line").boundingBox();
    frames("a band is dragged", line.x + line.width / 2, line.y + line.height / 2, 0.25);
  }

  /** A screen of 12 panels with 4 insets each, and 400 marks: opened, and its whole map moved. */
  @Test
  void sixtyFacesWithFourHundredMarks() {
    page.navigate("/sums");
    String id = markedScreen();
    String survey = "/pieces/" + id + "/survey";
    openings("a page in a browser that was never here", () -> openedAnew(survey));
    openings(
        "a page that was open before, from its address",
        () -> {
          page.navigate("/sums");
          page.getByRole(AriaRole.HEADING).first().waitFor();
          return opened(page, () -> page.navigate(survey));
        });
    // from here on waited for until nothing is asked any more: what tells of changes never ends
    deaf(page);
    openings(
        "inside the application, from the click to the drawn map",
        () -> {
          page.navigate("/pieces/" + id + "/photos");
          page.waitForLoadState(LoadState.NETWORKIDLE);
          return opened(page, () -> link("Unfolded").click());
        });
    page.waitForLoadState(LoadState.NETWORKIDLE);
    BoundingBox map = page.getByTestId("map").boundingBox();
    frames("the map of 60 faces is moved", map.x + 20, map.y + 12, 1);
  }

  /**
   * In a window of its own, which has nothing kept. Nothing stands between it and the server: a
   * browser whose requests are looked at keeps no files, and sends each of them around.
   */
  private double openedAnew(String address) {
    try (BrowserContext context = newWindow()) {
      Page fresh = context.newPage();
      return opened(fresh, () -> fresh.navigate(address));
    }
  }

  private static double opened(Page window, Runnable open) {
    long start = System.nanoTime();
    open.run();
    window.waitForFunction("() => document.querySelectorAll('path[data-face]').length === 60");
    return (System.nanoTime() - start) / 1e6;
  }

  private static void openings(String what, DoubleSupplier opening) {
    double[] ms =
        DoubleStream.generate(opening).skip(TO_WARM_UP).limit(OPENINGS).sorted().toArray();
    System.out.printf(
        "BENCH 60 faces, 400 marks, %s: median %.0f ms, %.0f to %.0f%n",
        what, ms[OPENINGS / 2], ms[0], ms[OPENINGS - 1]);
  }

  private String markedScreen() {
    return (String)
        page.evaluate(
            """
            async () => {
              const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
              const ask = async (method, url, body, match) => (await fetch(url, {method,
                headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token,
                  ...(match ? {'If-Match': match} : {})},
                body: JSON.stringify(body)})).json();
              const piece = await ask('POST', '/api/pieces', {name: 'Long screen', form: {kind: 'SCREEN',
                measures: {panels: 12, insets: 4, width: 400, height: 1700, rail: 40}, choices: {}}});
              const faces = [];
              let n = 0;
              for (let p = 1; p <= 12; p++) {
                for (let i = 0; i <= 4; i++) {
                  const id = 'panel-' + p + (i === 0 ? '' : '-inset-' + i);
                  const face = {id, makeUp: 'WOOD', finish: 'PAINTED', ground: '#A9B8B2', exposure: [],
                    standing: 'OF_THE_FORM', ownMarks: false, keepOuts: [], holes: [], breaks: [],
                    blemishes: [], zones: []};
                  for (let m = 0; m < 7 && n < 400; m++, n++) {
                    const at = {xMm: 30 + m * 40, yMm: 30 + m * 40};
                    if (m % 4 === 0) face.blemishes.push({id: 'b' + n, number: n + 1, kind: 'chip', diameterMm: 9, ...at});
                    if (m % 4 === 1) face.holes.push({id: 'h' + n, name: 'Knob', diameterMm: 5, count: 1, spacingMm: 0, upright: false, ...at});
                    if (m % 4 === 2) face.keepOuts.push({id: 'k' + n, name: 'Plate', forbids: [], area: {kind: 'ROUND', diameterMm: 24, ...at}});
                    if (m % 4 === 3) face.breaks.push({id: 'x' + n, name: 'Joint', fromXMm: 0, fromYMm: at.yMm, toXMm: 300, toYMm: at.yMm, widthMm: 2, stepMm: 0});
                  }
                  faces.push(face);
                }
              }
              piece.document.faces = faces;
              const saved = await ask('PUT', '/api/pieces/' + piece.id,
                {document: piece.document, summary: 'marked'}, '"' + piece.version + '"');
              return saved.id;
            }""");
  }

  /** Moves the pointer as fast as the browser takes it, counting the frames it draws meanwhile. */
  private void frames(String what, double x, double y, double stepPx) {
    page.mouse().move(x, y);
    page.mouse().down();
    page.evaluate(
        """
        () => {
          window.frameTimes = [];
          const tick = t => { window.frameTimes.push(t); window.counting = requestAnimationFrame(tick); };
          window.counting = requestAnimationFrame(tick);
        }""");
    for (int i = 1; i <= MOVES; i++) {
      page.mouse().move(x + i * stepPx * 0.4, y + i * stepPx);
    }
    Object told =
        page.evaluate(
            """
            () => {
              cancelAnimationFrame(window.counting);
              const t = window.frameTimes;
              const gaps = t.slice(1).map((v, i) => v - t[i]).sort((a, b) => a - b);
              const fps = 1000 * (t.length - 1) / (t[t.length - 1] - t[0]);
              return `${fps.toFixed(1)} frames a second over ${t.length} frames,`
                + ` 95 % of gaps under ${gaps[Math.floor(gaps.length * 0.95)].toFixed(1)} ms`;
            }""");
    page.mouse().up();
    System.out.println("BENCH " + what + ": " + told);
  }

  private String fullChest() {
    StringBuilder lays = new StringBuilder();
    for (int i = 0; i < LAYS; i++) {
      lays.append(i == 0 ? "" : ",")
          .append(
              """
              {"id":"band-%d","faceId":"front","designId":"fern-band","potId":"bone-white","coats":2,
               "hidden":false,"locked":false,
               "rule":{"kind":"RUN","measures":{"distance":%d,"gap":4,"margin":2,"change":15},
                       "choices":{"edge":"TOP"},"points":[]}}"""
                  .formatted(i, 40 + i * 64));
    }
    String made =
        (String)
            page.evaluate(
                """
                async lays => {
                  const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
                  const ask = async (method, url, body, match) => (await fetch(url, {method,
                    headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token,
                      ...(match ? {'If-Match': match} : {})},
                    body: JSON.stringify(body)})).json();
                  const piece = await ask('POST', '/api/pieces', {name: 'Full', form:
                    {kind: 'CHEST', measures: {width: 5600, height: 3900, depth: 600}, choices: {}}});
                  piece.document.lays = JSON.parse('[' + lays + ']');
                  const saved = await ask('PUT', '/api/pieces/' + piece.id,
                    {document: piece.document, summary: 'full'}, '"' + piece.version + '"');
                  return saved.id;
                }""",
                lays.toString());
    return made;
  }
}
