package craftmap.server.order;

import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;

/** What is said where no order goes. */
final class OrderFiles {
  private OrderFiles() {}

  static RefusedInput nothingGoes() {
    return new RefusedInput(
        "order", said("none"), said("does-not-go"), said("more-hours-or-warmth"));
  }
}
