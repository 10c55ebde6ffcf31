package craftmap.core.measure;

/**
 * Input that the core does not accept: which field, what stood there, and what would be accepted.
 * The message is a sentence that may be shown to a person as it is.
 */
public final class RefusedInput extends IllegalArgumentException {
  private final String field;
  private final String value;
  private final String accepted;

  /**
   * @param field the field's name in words, such as {@code Width}
   * @param value what was given, as it was given
   * @param fault what is wrong with it, completing the sentence "Width (40 m) …"
   * @param accepted what would be accepted, completing "Give …"
   */
  public RefusedInput(String field, String value, String fault, String accepted) {
    super("%s (%s) %s. Give %s.".formatted(field, value, fault, accepted));
    this.field = field;
    this.value = value;
    this.accepted = accepted;
  }

  public String field() {
    return field;
  }

  public String value() {
    return value;
  }

  public String accepted() {
    return accepted;
  }
}
