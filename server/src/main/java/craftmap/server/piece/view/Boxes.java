package craftmap.server.piece.view;

import craftmap.core.plane.Box;

/** Boxes as they are sent. */
final class Boxes {
  private Boxes() {}

  static ReadingView.BoxView view(Box box) {
    return new ReadingView.BoxView(box.leftMm(), box.topMm(), box.widthMm(), box.heightMm());
  }
}
