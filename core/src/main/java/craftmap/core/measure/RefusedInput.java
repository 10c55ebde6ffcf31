package craftmap.core.measure;

import java.util.List;
import java.util.stream.Collectors;

/**
 * Input that the core does not accept: which fields, what stood there, and what would be accepted.
 * The message may be shown to a person as it is: one sentence for each thing that is wrong.
 */
public final class RefusedInput extends IllegalArgumentException {
  private final transient List<Fault> faults;

  /**
   * One thing that is wrong.
   *
   * @param field the field's name in words, such as {@code Width}
   * @param value what was given, as it was given
   * @param fault what is wrong with it, completing the sentence "Width (40 m) …"
   * @param accepted what would be accepted, completing "Give …"
   */
  public record Fault(String field, String value, String fault, String accepted) {
    public String sentence() {
      return "%s (%s) %s. Give %s.".formatted(field, value, fault, accepted);
    }
  }

  /** One thing is wrong. */
  public RefusedInput(String field, String value, String fault, String accepted) {
    this(List.of(new Fault(field, value, fault, accepted)));
  }

  RefusedInput(List<Fault> faults) {
    super(faults.stream().map(Fault::sentence).collect(Collectors.joining(" ")));
    this.faults = List.copyOf(faults);
  }

  /** Everything that is wrong, in the order in which it was found. */
  public List<Fault> faults() {
    return faults;
  }

  /** Of the first of them. */
  public String field() {
    return faults.getFirst().field();
  }

  public String value() {
    return faults.getFirst().value();
  }

  public String accepted() {
    return faults.getFirst().accepted();
  }
}
