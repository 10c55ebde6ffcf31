package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.zip.InflaterInputStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Two hundred files that mean harm or are broken. Each is refused with a sentence, nothing of them
 * is kept, and none takes more than 256 MB to say so.
 */
class HostileFilesTest extends ServerTest {
  private static final long MOST_MEMORY = 256L * 1024 * 1024;

  @Autowired private JdbcTemplate jdbc;

  private record Hostile(String what, byte[] bytes) {}

  private static Hostile text(String what, String content) {
    return new Hostile(what, content.getBytes(StandardCharsets.UTF_8));
  }

  private static String svg(String inside) {
    return "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm'"
        + " viewBox='0 0 100 100'>"
        + inside
        + "</svg>";
  }

  private static List<Hostile> files() {
    List<Hostile> all = new ArrayList<>();
    scripts(all);
    entities(all);
    references(all);
    geometry(all);
    broken(all);
    pictures(all);
    return all;
  }

  private static void scripts(List<Hostile> all) {
    for (String s :
        List.of(
            "<script>alert(1)</script>",
            "<SCRIPT>alert(1)</SCRIPT>",
            "<g><script href='x'/></g>",
            "<defs><script>1</script></defs>",
            "<metadata><script>1</script></metadata>",
            "<foreignObject><p>hi</p></foreignObject>",
            "<iframe src='http://example.invalid'/>",
            "<a href='javascript:alert(1)'><rect width='9' height='9'/></a>",
            "<animate attributeName='x'/>",
            "<set attributeName='onload' to='alert(1)'/>",
            "<audio src='a.mp3'/>",
            "<video src='a.mp4'/>",
            "<handler type='application/ecmascript'>1</handler>",
            "<style>@import url(http://example.invalid/x.css);</style><rect class='a' width='9'"
                + " height='9'/>")) {
      all.add(text("script " + s, svg(s)));
    }
    for (String on : List.of("onload", "onclick", "onmouseover", "ONLOAD", "onbegin", "onerror")) {
      all.add(text("handler " + on, svg("<rect width='9' height='9' " + on + "='alert(1)'/>")));
      all.add(text("root " + on, "<svg " + on + "='alert(1)' width='9' height='9'/>"));
    }
  }

  private static void entities(List<Hostile> all) {
    StringBuilder laughs = new StringBuilder("<!DOCTYPE svg [<!ENTITY a0 'ha'>");
    for (int i = 1; i < 30; i++) {
      laughs.append("<!ENTITY a").append(i).append(" '");
      laughs.append(("&a" + (i - 1) + ";").repeat(10)).append("'>");
    }
    all.add(text("billion laughs", laughs + "]>" + svg("<title>&a29;</title>")));
    all.add(
        text(
            "quadratic",
            "<!DOCTYPE svg [<!ENTITY a '"
                + "a".repeat(50_000)
                + "'>]>"
                + svg("<title>" + "&a;".repeat(50_000) + "</title>")));
    for (String at :
        List.of("file:///etc/passwd", "http://127.0.0.1:9/x", "ftp://example.invalid/x")) {
      all.add(
          text(
              "external entity " + at,
              "<!DOCTYPE svg [<!ENTITY x SYSTEM '" + at + "'>]>" + svg("<title>&x;</title>")));
      all.add(
          text(
              "external dtd " + at,
              "<!DOCTYPE svg SYSTEM '" + at + "'>" + svg("<path d='M0 0'/>")));
      all.add(
          text(
              "parameter entity " + at,
              "<!DOCTYPE svg [<!ENTITY % x SYSTEM '" + at + "'> %x;]>" + svg("")));
    }
    all.add(text("undeclared entity", svg("<title>&nope;</title><rect width='9' height='9'/>")));
    all.add(text("stylesheet", "<?xml-stylesheet href='http://example.invalid'?>" + svg("")));
  }

  private static void references(List<Hostile> all) {
    for (String s :
        List.of(
            "<image href='http://example.invalid/x.png' width='9' height='9'/>",
            "<image href='data:image/png;base64,AAAA' width='9' height='9'/>",
            "<use href='#a'/>",
            "<use xlink:href='file:///etc/passwd' xmlns:xlink='http://www.w3.org/1999/xlink'/>",
            "<rect width='9' height='9' fill='url(#g)'/>",
            "<rect width='9' height='9' fill='url(http://example.invalid/x)'/>",
            "<rect width='9' height='9' mask='url(#m)'/>",
            "<rect width='9' height='9' clip-path='url(#m)'/>",
            "<rect width='9' height='9' filter='url(#m)'/>",
            "<rect width='9' height='9' style='filter:blur(3px)'/>",
            "<text x='1' y='1'>letters</text>",
            "<switch><rect width='9' height='9'/></switch>",
            "<view id='v'/>",
            "<marker/>",
            "<pattern/>")) {
      all.add(text("reference " + s, svg(s)));
    }
  }

  private static void geometry(List<Hostile> all) {
    for (String s :
        List.of(
            "<rect width='1e308' height='1e308'/>",
            "<rect width='NaN' height='9'/>",
            "<rect width='Infinity' height='9'/>",
            "<rect width='-5' height='9'/>",
            "<circle r='1e99'/>",
            "<path d='M0 0L1e30 1e30'/>",
            "<path d='M0 0C1 1'/>",
            "<path d='Q1 1 2 2'/>",
            "<path d='M0 0A1 1 0 5 1 3 3'/>",
            "<path d='M0 0 hello'/>",
            "<polygon points='1'/>",
            "<polygon points='a b c d'/>",
            "<g transform='scale(1e200)'><rect width='9' height='9'/></g>",
            "<g transform='matrix(1 2 3)'><rect width='9' height='9'/></g>",
            "<g transform='spin(3)'><rect width='9' height='9'/></g>",
            "<rect width='5%' height='9'/>",
            "<rect width='9furlongs' height='9'/>")) {
      all.add(text("geometry " + s, svg(s)));
    }
    for (String size :
        List.of(
            "width='1e9mm' height='1e9mm'",
            "width='0' height='10'",
            "width='-4mm' height='10mm'",
            "width='NaNmm' height='10mm'",
            "width='10mm' height='10mm' viewBox='0 0 0 0'",
            "width='10mm' height='10mm' viewBox='0 0 -1 5'",
            "width='10mm' height='10mm' viewBox='a b c d'",
            "width='30m' height='10mm'")) {
      all.add(text("page " + size, "<svg " + size + "><rect width='1' height='1'/></svg>"));
    }
    StringBuilder deep = new StringBuilder();
    for (int i = 0; i < 5_000; i++) {
      deep.append("<g>");
    }
    all.add(text("deep", svg(deep + "<rect width='1' height='1'/>" + "</g>".repeat(5_000))));
    all.add(text("many shapes", svg("<rect width='1' height='1'/>".repeat(60_000))));
    all.add(text("many strokes", svg("<path d='M0 0" + "L1 1L2 0".repeat(200_000) + "'/>")));
    all.add(text("long attribute", svg("<rect width='" + "9".repeat(100_000) + "' height='1'/>")));
    all.add(text("too long", svg("<!--" + "x".repeat(5_000_000) + "-->")));
  }

  private static void broken(List<Hostile> all) {
    String good =
        svg("<rect x='10' y='10' width='40' height='40'/><circle cx='50' cy='50' r='9'/>");
    for (int i = 8; i < good.length(); i += 3) {
      all.add(text("cut at " + i, good.substring(0, i)));
    }
    all.add(text("empty", ""));
    all.add(text("blank", "   \n\t "));
    all.add(text("html", "<!doctype html><html><body>hello</body></html>"));
    all.add(text("another root", "<math><mi>x</mi></math>"));
    all.add(text("two roots", svg("") + svg("")));
    all.add(
        text("unclosed", "<svg width='10mm' height='10mm'><g><rect width='1' height='1'/></svg>"));
    all.add(text("nothing drawn", svg("")));
    all.add(text("only words", svg("<title>hello</title><desc>there</desc>")));
    all.add(text("plain text", "just some words"));
    all.add(text("json", "{\"svg\": true}"));
    all.add(text("bad encoding", "<?xml version='1.0' encoding='nobody-knows'?>" + svg("")));
    all.add(new Hostile("utf-16", good.getBytes(StandardCharsets.UTF_16)));
    byte[] latin = good.replace("rect", "r\u00e9ct").getBytes(StandardCharsets.ISO_8859_1);
    all.add(new Hostile("not utf-8", latin));
    all.add(text("null byte", svg("<rect width='1\u0000' height='1'/>")));
  }

  private static void pictures(List<Hostile> all) {
    all.add(new Hostile("huge png", SamplePictures.pngClaiming(60_000, 60_000)));
    all.add(new Hostile("wide png", SamplePictures.pngClaiming(2_000_000, 1)));
    all.add(new Hostile("no pixels", SamplePictures.pngClaiming(0, 0)));
    all.add(new Hostile("large and empty png", SamplePictures.pngClaiming(7_000, 8_000)));
    byte[] png = SamplePictures.png(300, 200);
    for (int i = 9; i < 60; i += 1) {
      all.add(new Hostile("png cut at " + i, Arrays.copyOf(png, i)));
    }
    byte[] webp = SamplePictures.webp();
    for (int i = 13; i < webp.length - 4; i += Math.max(1, webp.length / 12)) {
      all.add(new Hostile("webp cut at " + i, Arrays.copyOf(webp, i)));
    }
    for (String head : List.of("GIF89a", "BM", "II*\0", "%PDF-1.7", "PK\u0003\u0004", "8BPS")) {
      all.add(text("wrong type " + head, head + "x".repeat(200)));
    }
    all.add(new Hostile("jpeg head only", new byte[] {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF}));
    byte[] noise = new byte[4_000];
    new Random(3).nextBytes(noise);
    noise[0] = (byte) 0xFF;
    noise[1] = (byte) 0xD8;
    noise[2] = (byte) 0xFF;
    all.add(new Hostile("jpeg noise", noise));
    ByteArrayOutputStream riff = new ByteArrayOutputStream();
    riff.writeBytes("RIFF\u007f\u007f\u007f\u007fWEBPVP8L".getBytes(StandardCharsets.ISO_8859_1));
    riff.writeBytes(new byte[] {10, 0, 0, 0, 0x2f, -1, -1, -1, -1, 0});
    all.add(new Hostile("webp claiming the largest", riff.toByteArray()));
    all.add(new Hostile("26 MB", new byte[26 * 1024 * 1024]));
  }

  @Test
  void eachIsRefusedWithASentenceNothingIsKeptAndMemoryStaysLow() {
    List<Hostile> files = files();
    assertThat(files.size()).isGreaterThanOrEqualTo(200);
    Long before = jdbc.queryForObject("select count(*) from artwork", Long.class);
    long worst = 0;
    String worstFile = "";
    System.gc();
    long clean = used();
    for (Hostile file : files) {
      if (used() > clean + MOST_MEMORY / 8) {
        // what earlier files left must not count; each by itself would take minutes to clear away
        System.gc();
      }
      long start = used();
      pools().forEach(MemoryPoolMXBean::resetPeakUsage);
      Answer answer = upload("/api/artworks?openings=true", file.bytes());
      long taken = peak() - start;
      if (taken > worst) {
        worst = taken;
        worstFile = file.what();
      }
      assertThat(answer.status()).as(file.what() + ": " + answer.detail()).isEqualTo(422);
      assertThat(answer.detail()).as(file.what()).contains("Give ").hasSizeLessThan(700);
    }
    assertThat(jdbc.queryForObject("select count(*) from artwork", Long.class)).isEqualTo(before);
    assertThat(worst).as("memory for " + worstFile).isLessThan(MOST_MEMORY);
    assertThat(get("/actuator/health").status()).isEqualTo(200);
  }

  @Test
  void strokesThatCrossEachOtherAHundredThousandTimesAreNotCutApart() {
    StringBuilder grid = new StringBuilder();
    for (int i = 0; i < 320; i++) {
      double at = 1 + i * 0.3;
      grid.append("<path d='M0 %sL100 %sL100 %sL0 %sZ'/>".formatted(at, at, at + 0.1, at + 0.1));
      grid.append("<path d='M%s 0L%s 100L%s 100L%s 0Z'/>".formatted(at, at, at + 0.1, at + 0.1));
    }
    Answer answer =
        upload("/api/artworks?openings=true", svg("" + grid).getBytes(StandardCharsets.UTF_8));
    assertThat(answer.status()).as(answer.detail()).isEqualTo(201);
    assertThat(answer.body().has("openings")).isFalse();
    assertThat(answer.body().path("noOpenings").asString()).contains("Give ");
  }

  /** What the next test sends is what it says it is. */
  @Test
  void theTextsUnpackToAllTheirMegabytes() throws IOException {
    try (InputStream text =
        new InflaterInputStream(new ByteArrayInputStream(SamplePictures.packedZeros(7)))) {
      assertThat(text.readAllBytes()).isEqualTo(new byte[7 * 1024 * 1024]);
    }
  }

  @Test
  void textsThatUnpackToTwoGigabytesAreNotUnpacked() {
    byte[] png = SamplePictures.pngWithPackedText(120, 90, 2_000);
    assertThat(png.length).isLessThan(3_000_000);
    System.gc();
    long start = used();
    pools().forEach(MemoryPoolMXBean::resetPeakUsage);
    Answer answer = upload("/api/artworks", png);
    assertThat(answer.status()).as(answer.detail()).isEqualTo(201);
    assertThat(peak() - start).isLessThan(MOST_MEMORY);
  }

  @Test
  void aProgressiveJpegThatClaimsFarMoreThanItHoldsIsRefused() {
    Answer answer = upload("/api/artworks", SamplePictures.progressiveJpegClaiming(7_700, 7_700));
    assertThat(answer.status()).isEqualTo(422);
    assertThat(answer.detail()).contains("Give ");
  }

  @Test
  void aTangleIsKeptAsAPictureButNothingCanBeCutFromIt() {
    StringBuilder tangle = new StringBuilder("<path d='M0 0");
    Random random = new Random(1);
    for (int i = 0; i < 20_000; i++) {
      tangle.append('L').append(random.nextInt(100)).append(' ').append(random.nextInt(100));
    }
    Answer answer =
        upload(
            "/api/artworks?openings=true", svg(tangle + "Z'/>").getBytes(StandardCharsets.UTF_8));
    assertThat(answer.status()).isEqualTo(201);
    assertThat(answer.body().has("openings")).isFalse();
    assertThat(answer.body().path("noOpenings").asString()).contains("Give ");
  }

  private static List<MemoryPoolMXBean> pools() {
    return ManagementFactory.getMemoryPoolMXBeans().stream()
        .filter(p -> p.getType() == MemoryType.HEAP)
        .toList();
  }

  private static long used() {
    return pools().stream().mapToLong(p -> p.getUsage().getUsed()).sum();
  }

  private static long peak() {
    return pools().stream().mapToLong(p -> p.getPeakUsage().getUsed()).sum();
  }
}
