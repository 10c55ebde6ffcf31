package craftmap.server.cutter;

import java.util.List;

/** Why a cutter does not take a file. */
final class Refusal extends Exception {
  private static final long serialVersionUID = 1;

  private final Code code;
  private final transient List<String> details;

  /** What is wrong. */
  enum Code {
    /** An instruction it does not know; which. */
    UNREADABLE,
    /** Nothing is cut. */
    NOTHING,
    /** A file larger than its memory; how many bytes it holds. */
    TOO_LONG,
    /** Which line, and how far it runs off the mat, mm. */
    OFF_MAT,
    /** Which line, and how far its end is from its start, mm. */
    OPEN,
    /** Which line. */
    NO_LENGTH
  }

  Refusal(Code code, String... details) {
    super(code.name());
    this.code = code;
    this.details = List.of(details);
  }

  Code code() {
    return code;
  }

  List<String> details() {
    return details;
  }
}
