package craftmap.server.backup;

import craftmap.core.measure.Figure;

/** A file that cannot be brought back, or a studio that nothing can be brought back into. */
final class NotABackup extends Exception {
  private static final long serialVersionUID = 1;

  private final transient Figure.Said why;

  NotABackup(Figure.Said why) {
    super(why.code());
    this.why = why;
  }

  NotABackup(Figure.Said why, Throwable cause) {
    super(why.code(), cause);
    this.why = why;
  }

  Figure.Said why() {
    return why;
  }
}
