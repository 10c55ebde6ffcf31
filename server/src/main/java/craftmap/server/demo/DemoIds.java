package craftmap.server.demo;

import craftmap.server.studio.Studio;
import craftmap.server.studio.Studios;
import java.nio.charset.StandardCharsets;
import java.util.function.UnaryOperator;
import java.util.zip.CRC32;

/**
 * The ids of what the demo brings. Ids are unique over all studios, so each studio has its own; the
 * first has them as the demo lists them, which makes addresses that people can read.
 */
record DemoIds(Studio studio) implements UnaryOperator<String> {
  @Override
  public String apply(String listed) {
    return Studios.isFirst(studio) ? listed : listed + "-" + mark();
  }

  private String mark() {
    CRC32 sum = new CRC32();
    sum.update(studio.id().getBytes(StandardCharsets.UTF_8));
    return "%08x".formatted(sum.getValue());
  }
}
