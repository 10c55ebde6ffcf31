package craftmap.server.live;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.server.changes.AtWindow;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** A window of a browser, by the id that its page has made up for it. */
record Window(String id) {
  private static final int LONGEST = 40;
  private static final String ACCEPTED = "[A-Za-z0-9-]{1," + LONGEST + "}";

  Window {
    if (id == null || !id.matches(ACCEPTED)) {
      throw new RefusedInput(
          "window",
          id == null || id.isEmpty()
              ? said("empty")
              : id.length() > LONGEST ? said("characters", count(id.length())) : given(id),
          said("is-not-accepted"),
          said("letters-digits-and-lines", given(LONGEST)));
    }
  }

  /** Where a change is asked for, as far as the page says so. */
  @Component
  static class OfWhoAsks implements AtWindow {
    private static final String HEADER = "X-Window";

    @Override
    public String window() {
      RequestAttributes request = RequestContextHolder.getRequestAttributes();
      String said =
          request instanceof ServletRequestAttributes http
              ? http.getRequest().getHeader(HEADER)
              : null;
      return said != null && said.matches(ACCEPTED) ? said : "";
    }
  }
}
