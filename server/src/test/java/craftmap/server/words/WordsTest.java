package craftmap.server.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.util.ULocale;
import craftmap.core.coats.rule.CoatRule;
import craftmap.core.coats.rule.CoatRules;
import craftmap.core.measure.Figure;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class WordsTest {
  private static final ResourceBundle ALL =
      ResourceBundle.getBundle("craftmap.server.words.words", Locale.ENGLISH);
  private static final Pattern ONE_OF_MANY = Pattern.compile("(?<![\\d.,/])1 (\\p{L}+s)\\b");

  /** What ends like many and is one. */
  private static final Set<String> NO_MANY =
      Set.of(
          "has",
          "pass",
          "was",
          "lies",
          "bends",
          "does",
          "is",
          "across",
          "as",
          "this",
          "stays",
          "takes",
          "goes",
          "raises",
          "covers",
          "yellows",
          "saves",
          "less",
          "splashes",
          "sticks",
          "crawls");

  /** Said only of two and more: there is another message for one, or there can be no one. */
  private static final Set<String> OF_MANY_ONLY =
      Set.of(
          "cutter.accepted.TOO_LONG",
          "cutter.sheets",
          "detail.pages",
          "detail.pieces",
          "detail.seamsInFront",
          "detail.sheets",
          "detail.strips",
          "fact.joint.text",
          "finding.break-crossed",
          "finding.plies",
          "finding.seam-meets-across",
          "finding.sheet-shared",
          "gather.shared",
          "option.PAGES_LYING",
          "option.PAGES_UPRIGHT",
          "option.WORDS",
          "option.partsInRows",
          "option.rows",
          "option.sheets",
          "option.sheetsTurned",
          "takes.pieces.text",
          "trial.strips",
          "lay.where.cover",
          "said.1-to-characters",
          "said.2-to-points",
          "said.3-to-corners",
          "said.3-to-points",
          "said.3-to-sides",
          "said.a-name-of-1-to-characters",
          "said.a-name-of-1-to-characters-such-as-the",
          "said.at-most-characters",
          "said.has-more-than-strokes",
          "said.more-than-rows",
          "said.more-than-shapes",
          "said.more-than-strokes",
          "said.pixels",
          "said.something-smaller-at-most-pages",
          "said.up-to-characters",
          "said.would-be-needed-more-than-times",
          "made.quarters");

  private static String ofOne(String key) {
    Integer[] ones = Collections.nCopies(8, 1).toArray(Integer[]::new);
    return new MessageFormat(ALL.getString(key), ULocale.ENGLISH).format(ones);
  }

  @Test
  void noMessageSaysOneOfWhatIsMany() {
    List<String> wrong = new ArrayList<>();
    for (String key : new TreeSet<>(ALL.keySet())) {
      if (OF_MANY_ONLY.contains(key) || !ALL.getString(key).contains("{")) {
        continue;
      }
      Matcher said = ONE_OF_MANY.matcher(ofOne(key));
      while (said.find()) {
        if (!NO_MANY.contains(said.group(1))) {
          wrong.add(key + ": " + ofOne(key));
        }
      }
    }
    assertThat(wrong).isEmpty();
  }

  @Test
  void oneAndNoneAreSaidAsPeopleSayThem() {
    assertThat(Words.say("passes", 1)).isEqualTo("1 pass");
    assertThat(Words.say("passes", 0)).isEqualTo("0 passes");
    assertThat(Words.say("passes", 3)).isEqualTo("3 passes");
    assertThat(Words.say("coats", 1_200)).isEqualTo("1,200 thin coats");
    assertThat(Words.say("finding.sheet-shared", 2, "Fern", 1, 0))
        .isEqualTo("2 lays share the sheet of Fern: planned together they take 1 pass, no wash.");
    assertThat(Words.say("trueSize.how", 1)).isEqualTo("One page.");
  }

  /** A message is one object for all who say it. */
  @Test
  void manySayTheSameMessageAtOnceEachWithTheirFigures() {
    List<String> said =
        IntStream.range(0, 4_000).parallel().mapToObj(n -> Words.say("passes", n + 2)).toList();
    assertThat(said).hasSize(4_000).element(7).isEqualTo("9 passes");
    for (int n = 0; n < said.size(); n++) {
      assertThat(said.get(n).replace(",", "")).isEqualTo(n + 2 + " passes");
    }
  }

  /** Of a key that stands twice only the last is ever said. */
  @Test
  void noKeyStandsTwice() throws IOException {
    try (BufferedReader in =
        new BufferedReader(
            new InputStreamReader(
                Words.class.getResourceAsStream("words.properties"), StandardCharsets.UTF_8))) {
      assertThat(in.lines().filter(l -> l.contains("=")).map(l -> l.substring(0, l.indexOf('='))))
          .doesNotHaveDuplicates()
          .hasSizeGreaterThan(500);
    }
  }

  @Test
  void whatIsListedAsOfManyOnlyIsThere() {
    assertThat(OF_MANY_ONLY).allSatisfy(key -> assertThat(ALL.containsKey(key)).as(key).isTrue());
  }

  /** A figure has its own words; as an argument it would come out as a record's text. */
  @Test
  void noMessageTakesAFigureThatIsNotInWords() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Words.say("enough.choice", Figure.said("rows-stand"), "as bricks"))
        .withMessageContaining("rows-stand");
  }

  @Test
  void figuresAreRoundedByTheirSize() {
    assertThat(Words.millilitres(0.376)).isEqualTo("0.38 ml");
    assertThat(Words.millilitres(12.34)).isEqualTo("12.3 ml");
    assertThat(Words.millilitres(381.4)).isEqualTo("381 ml");
    assertThat(Words.minutes(119.4)).isEqualTo("119 min");
    assertThat(Words.minutes(150)).isEqualTo("2.5 h");
    assertThat(Words.minutes(4320)).isEqualTo("3 days");
    assertThat(Words.percent(0.0312)).isEqualTo("3.1 %");
    assertThat(Words.percent(0.312)).isEqualTo("31 %");
    assertThat(Words.change(0.031)).isEqualTo("+3.1 %");
    assertThat(Words.change(-0.2)).isEqualTo("-20 %");
    assertThat(Words.smallArea(12.3)).isEqualTo("12.3 mm²");
    assertThat(Words.smallArea(123)).isEqualTo("1.2 cm²");
  }

  private static final Pattern CODE = Pattern.compile("\"([a-z0-9]+(?:-[a-z0-9]+)*)\"");

  private static final Pattern SAID =
      Pattern.compile(
          "(?:\\bsaid\\(|new RefusedInput\\(|\\.check\\()\\s*\"([a-z0-9]+(?:-[a-z0-9]+)*)\"");

  private static String sources() throws IOException {
    StringBuilder all = new StringBuilder();
    for (String root : List.of("../core/src/main/java", "src/main/java")) {
      try (Stream<Path> files = Files.walk(Path.of(root))) {
        for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
          all.append(Files.readString(file));
        }
      }
    }
    return all.toString();
  }

  /** A code that nobody put into words would be an error where a person should read a sentence. */
  @Test
  void whateverIsSaidByACodeHasItsWords() throws IOException {
    Set<String> said = new TreeSet<>();
    SAID.matcher(sources()).results().forEach(m -> said.add(m.group(1)));
    assertThat(said).hasSizeGreaterThan(400);
    assertThat(said)
        .allSatisfy(code -> assertThat(ALL.containsKey("said." + code)).as(code).isTrue());
  }

  private static final Pattern OF_A_RULE = Pattern.compile("said\\.(coat|mend)-.*");

  private static final Pattern MENDED =
      Pattern.compile(
          "(?:seen\\.(?:primer|step|coat|moved|without|changed)|Findings\\.mend)\\(\\s*\"([a-z-]+)\"");

  /**
   * Rules of coats say what and why, and what each of their mends does; and nothing else is kept.
   */
  @Test
  void everyRuleOfCoatsAndEveryMendHasItsWords() throws IOException {
    Set<String> wanted = new TreeSet<>();
    for (CoatRule rule : CoatRules.ALL) {
      wanted.add("said.coat-" + rule.id());
      wanted.add("said.coat-" + rule.id() + "-why");
    }
    MENDED.matcher(sources()).results().forEach(m -> wanted.add("said.mend-" + m.group(1)));
    assertThat(ALL.keySet())
        .filteredOn(key -> OF_A_RULE.matcher(key).matches())
        .containsExactlyInAnyOrderElementsOf(wanted);
  }

  @Test
  void noWordsAreKeptThatNobodySays() throws IOException {
    Set<String> codes = new TreeSet<>();
    CODE.matcher(sources()).results().forEach(m -> codes.add(m.group(1)));
    assertThat(ALL.keySet())
        .filteredOn(key -> key.startsWith("said."))
        .filteredOn(key -> !OF_A_RULE.matcher(key).matches())
        .allSatisfy(key -> assertThat(codes).contains(key.substring("said.".length())));
  }
}
