package craftmap.server.paper;

import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Paper that offices have. */
public enum Paper {
  A4(PDRectangle.A4),
  LETTER(PDRectangle.LETTER);

  private final PDRectangle size;

  Paper(PDRectangle size) {
    this.size = size;
  }

  public PDRectangle size() {
    return size;
  }
}
