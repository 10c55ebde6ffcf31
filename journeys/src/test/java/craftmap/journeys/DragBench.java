package craftmap.journeys;

import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.LoadState;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Frames a second while the map with 40 bands and over 2,000 items is moved, and while one of its
 * bands is dragged. Run it with {@code mvn -Pbench -pl journeys test}.
 */
@Tag("bench")
class DragBench extends Journey {
  private static final int MOVES = 180;

  @Test
  void aFullFace() {
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
    for (int i = 0; i < 40; i++) {
      lays.append(i == 0 ? "" : ",")
          .append(
              """
              {"id":"band-%d","faceId":"front","designId":"fern-band","paintId":"bone-white","coats":2,
               "run":{"edge":"TOP","distanceMm":%d,"startInsetMm":0,"endInsetMm":0,"gapMm":4,
                      "endMarginMm":2,"allowedChange":0.15}}"""
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
                    {kind: 'CHEST', measures: {width: 5600, height: 2600, depth: 600}, choices: {}}});
                  piece.document.lays = JSON.parse('[' + lays + ']');
                  const saved = await ask('PUT', '/api/pieces/' + piece.id,
                    {document: piece.document, summary: 'full'}, '"' + piece.version + '"');
                  return saved.id;
                }""",
                lays.toString());
    return made;
  }
}
