package craftmap.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.jar.JarFile;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What ships, and what it is asked for, stands in docs/dependencies.md with its licence. */
class ShippedTest {
  private static final Pattern JAR = Pattern.compile("BOOT-INF/lib/(.+?)-\\d[\\w.\\-]*\\.jar");
  private static final Pattern DEPENDENCY =
      Pattern.compile(
          "<dependency>.*?<artifactId>([^<]+)</artifactId>.*?</dependency>", Pattern.DOTALL);

  /** Nothing of them keeps anybody from using, changing or passing on what ships. */
  private static final Set<String> OF_PACKAGES =
      Set.of("MIT", "Apache-2.0", "ISC", "BSD-3-Clause", "OFL-1.1");

  private static String told() throws IOException {
    return Files.readString(App.home().resolve("docs/dependencies.md"));
  }

  private static String licences() throws IOException {
    String told = told();
    return told.substring(told.indexOf("## Licences"));
  }

  /** Our own modules, and parts of what is named as a whole, are not named one by one. */
  private static boolean isNamed(String told, String artifact) {
    return artifact.startsWith("craftmap-")
        || artifact.startsWith("spring-boot-") && told.contains("`spring-boot-*`")
        || artifact.startsWith("ortools-") && told.contains("`ortools-java`")
        || told.contains("`" + artifact + "`");
  }

  @Test
  void everyLibraryThatShipsIsNamedWithItsLicence() throws IOException {
    String licences = licences();
    List<String> unnamed = new ArrayList<>();
    int shipped = 0;
    try (JarFile jar = new JarFile(App.home().resolve("server/target/craftmap.jar").toFile())) {
      for (String name : jar.stream().map(e -> e.getName()).toList()) {
        Matcher library = JAR.matcher(name);
        if (library.matches()) {
          shipped++;
          if (!isNamed(licences, library.group(1))) {
            unnamed.add(library.group(1));
          }
        }
      }
    }
    assertThat(shipped).isGreaterThan(50);
    assertThat(unnamed).as("no licence told of").isEmpty();
  }

  @Test
  void everyLibraryThatIsAskedForIsSaidWhatFor() throws IOException {
    String why = told().replace(licences(), "");
    Set<String> unnamed = new TreeSet<>();
    for (String module : List.of("core", "server", "journeys")) {
      Matcher asked = DEPENDENCY.matcher(Files.readString(App.home().resolve(module + "/pom.xml")));
      while (asked.find()) {
        if (!isNamed(why, asked.group(1))) {
          unnamed.add(asked.group(1));
        }
      }
    }
    JsonObject web = json("web/package.json");
    for (String kind : List.of("dependencies", "devDependencies")) {
      for (String name : web.getAsJsonObject(kind).keySet()) {
        if (!isNamed(why, name)) {
          unnamed.add(name);
        }
      }
    }
    assertThat(unnamed).as("asked for, nobody says what for").isEmpty();
  }

  /** Nor is anything told of that is gone. */
  @Test
  void nothingIsNamedThatDoesNotShip() throws IOException {
    Set<String> shipped = new TreeSet<>();
    try (JarFile jar = new JarFile(App.home().resolve("server/target/craftmap.jar").toFile())) {
      jar.stream()
          .map(e -> JAR.matcher(e.getName()))
          .filter(Matcher::matches)
          .forEach(m -> shipped.add(m.group(1)));
    }
    Matcher named = Pattern.compile("`([\\w.\\-]+)`").matcher(licences());
    Set<String> gone = new TreeSet<>();
    while (named.find()) {
      String artifact = named.group(1);
      if (!shipped.contains(artifact) && !artifact.startsWith("ortools-")) {
        gone.add(artifact);
      }
    }
    assertThat(gone).as("named, and not there").isEmpty();
  }

  @Test
  void everyPackageOfTheBrowsersPartIsUnderALicenceThatIsToldOf() throws IOException {
    String licences = licences();
    assertThat(OF_PACKAGES).allMatch(licences::contains);
    int seen = 0;
    for (Map.Entry<String, JsonElement> each :
        json("web/package-lock.json").getAsJsonObject("packages").entrySet()) {
      JsonObject of = each.getValue().getAsJsonObject();
      if (each.getKey().isEmpty() || of.has("dev") || of.has("optional")) {
        continue;
      }
      seen++;
      assertThat(of.has("license") ? of.get("license").getAsString() : "")
          .as(each.getKey())
          .isIn(OF_PACKAGES);
    }
    assertThat(seen).isGreaterThan(20);
  }

  private static JsonObject json(String file) throws IOException {
    return JsonParser.parseString(Files.readString(App.home().resolve(file))).getAsJsonObject();
  }
}
