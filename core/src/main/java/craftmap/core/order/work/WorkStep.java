package craftmap.core.order.work;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Something one person does in one go.
 *
 * @param id the same for as long as the plan asks for it
 * @param row what it stands in a row with: the group it is done to, or what is made by itself
 * @param what it is done with or to: a band of coats, a lay
 * @param n which of several alike, from 1
 * @param of how many alike there are
 * @param on what nothing else may be done to meanwhile
 * @param with of what there is one only: a stencil, a mould
 * @param wet what lies about after it and has to dry before it can be moved; none where nothing
 *     does
 * @param material what is used in it
 * @param kept until when what there is one of stays where it was used: a stencil under drying paint
 */
public record WorkStep(
    String id,
    String pieceId,
    String row,
    Doing doing,
    String what,
    int n,
    int of,
    Duration handsOn,
    Set<String> on,
    Set<String> with,
    Optional<Dry> wet,
    Material material,
    Optional<Dry> kept) {
  /** Stands before the number of a part that the artist does by itself. */
  static final String SPLIT = "~";

  private static final Pattern TORN_OFF = Pattern.compile(Work.PART + "\\d+$");
  private static final Pattern SPLIT_OFF = Pattern.compile(SPLIT + "(\\d+)$");

  public WorkStep {
    on = Set.copyOf(on);
    with = Set.copyOf(with);
    if (!handsOn.isPositive()) {
      throw new IllegalArgumentException("impossible state: step " + id + " takes no time");
    }
  }

  /** With all that it is done with free as soon as it is done. */
  public WorkStep(
      String id,
      String pieceId,
      String row,
      Doing doing,
      String what,
      int n,
      int of,
      Duration handsOn,
      Set<String> on,
      Set<String> with,
      Optional<Dry> wet,
      Material material) {
    this(id, pieceId, row, doing, what, n, of, handsOn, on, with, wet, material, Optional.empty());
  }

  /**
   * What its own piece calls it, be it a part of it only: the same in a copy of the piece, and in
   * another studio.
   */
  public String key() {
    return unbroken().substring(pieceId.length() + 1);
  }

  /** What all of it is called that it may be a part of. */
  public String wholeId() {
    return SPLIT_OFF.matcher(unbroken()).replaceFirst("");
  }

  /** The same, as its own piece calls it. */
  public String wholeKey() {
    return wholeId().substring(pieceId.length() + 1);
  }

  private String unbroken() {
    return TORN_OFF.matcher(id).replaceFirst("");
  }

  /**
   * What is taken into the hand for it, and what is put on with that: no brush is rinsed between.
   */
  public String kit() {
    return String.join(
        "|", doing.name(), material.mediumId(), String.join(" ", new TreeSet<>(with)));
  }

  /** What of its piece it is done on, as the piece calls it: ids of faces, and parts. */
  public List<String> places() {
    return on.stream().map(o -> o.substring(pieceId.length() + 1)).sorted().toList();
  }

  /** Which part of a whole it is, from 1; 0 where it is all of it. */
  public int partOfWhole() {
    Matcher split = SPLIT_OFF.matcher(unbroken());
    return split.find() ? Integer.parseInt(split.group(1)) : 0;
  }

  /** Whole minutes: nobody looks at the clock for less. */
  public int minutes() {
    return Math.toIntExact(Math.ceilDiv(handsOn.toSeconds(), 60));
  }

  public WorkStep lasting(Duration other) {
    return new WorkStep(id, pieceId, row, doing, what, n, of, other, on, with, wet, material, kept);
  }

  public WorkStep leavingNothingWet() {
    return part(id, handsOn, false);
  }

  WorkStep part(String partId, Duration share, boolean last) {
    return new WorkStep(
        partId,
        pieceId,
        row,
        doing,
        what,
        n,
        of,
        share,
        on,
        with,
        last ? wet : Optional.empty(),
        material,
        kept);
  }

  /** The same, with what there is one of staying where it was used. */
  public WorkStep keeping(Dry dry) {
    return new WorkStep(
        id, pieceId, row, doing, what, n, of, handsOn, on, with, wet, material, Optional.of(dry));
  }

  /**
   * Whether both need something that there is one of, for something else: it is free for the one
   * only after the other is done with it. What is done to one lay in turns follows itself anyway.
   */
  public boolean contends(WorkStep other) {
    return !(pieceId.equals(other.pieceId) && what.equals(other.what))
        && with.stream().anyMatch(other.with::contains);
  }
}
