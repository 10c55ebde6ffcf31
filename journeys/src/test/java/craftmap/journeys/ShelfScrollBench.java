package craftmap.journeys;

import com.microsoft.playwright.options.BoundingBox;
import java.util.Locale;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Frames a second while a shelf of 5,000 designs and 2,000 pots is scrolled. Run it with {@code mvn
 * -Pbench -pl journeys test}.
 */
@Tag("bench")
class ShelfScrollBench extends Journey {
  private static final int TURNS = 240;

  @Test
  void aFullShelf() {
    deaf(page);
    page.navigate("/sums");
    page.evaluate(
        """
        async () => {
          const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
          const kinds = ['TRANSFER', 'NAPKIN', 'PAPER', 'STENCIL', 'MOULDING'];
          let csv = 'what,name,quantity,width,height,holds\\n';
          for (let i = 0; i < 4962; i++)
            csv += `${kinds[i % 5]},Full sheet ${i},3,${100 + i % 400} mm,${80 + i % 300} mm,\\n`;
          for (let i = 0; i < 1980; i++) csv += `craft-acrylic,Full pot ${i},40,,,59\\n`;
          const headers = {'Content-Type': 'application/octet-stream', 'X-XSRF-TOKEN': token};
          const begun = await fetch('/api/shelf/lists', {method: 'POST', headers, body: csv});
          const id = (await begun.json()).id;
          const until = async states => {
            for (;;) {
              const job = await (await fetch('/api/shelf/lists/' + id)).json();
              if (states.includes(job.state)) return;
            }
          };
          await until(['READY']);
          await fetch(`/api/shelf/lists/${id}/import`,
            {method: 'POST', headers: {...headers, 'Content-Type': 'application/json'}});
          await until(['DONE', 'FAILED']);
        }""");
    go("/shelf");
    page.getByTestId("counts").getByText("5000 designs").waitFor();
    page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
    BoundingBox boards = page.getByLabel("The boards").boundingBox();
    page.mouse().move(boards.x + boards.width / 2, boards.y + boards.height / 2);
    page.evaluate(
        """
        () => {
          window.stamps = [];
          const note = t => { window.stamps.push(t); window.noting = requestAnimationFrame(note); };
          window.noting = requestAnimationFrame(note);
        }""");
    for (int i = 0; i < TURNS; i++) {
      page.mouse().wheel(0, 120);
    }
    Object figures =
        page.evaluate(
            """
            () => {
              cancelAnimationFrame(window.noting);
              const s = window.stamps;
              const gaps = s.slice(1).map((t, i) => t - s[i]).sort((a, b) => a - b);
              const fps = 1000 * gaps.length / (s[s.length - 1] - s[0]);
              return fps.toFixed(1) + ' frames a second, 95 % of gaps under '
                + gaps[Math.floor(gaps.length * 0.95)].toFixed(1) + ' ms';
            }""");
    System.out.printf(Locale.ENGLISH, "BENCH a full shelf is scrolled: %s%n", figures);
  }
}
