package craftmap.server.stock;

import craftmap.core.supply.Booking;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** First entries of stocks that were just set up; a list brings thousands, written together. */
public final class Openings {
  private final List<Opening> openings = new ArrayList<>();

  record Opening(Holding holding, Booking booking) {}

  /** What is there from the beginning; gives the stock at that level. */
  public Holding add(Holding fresh, Booking first) {
    openings.add(new Opening(fresh, first));
    return fresh.at(first.onto(BigDecimal.ZERO));
  }

  List<Opening> all() {
    return openings;
  }

  void clear() {
    openings.clear();
  }
}
