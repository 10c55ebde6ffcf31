package craftmap.server.http;

import craftmap.core.measure.TapeDivision;
import org.springframework.web.context.request.NativeWebRequest;

/** With which tape those measure who sent a request: what is refused is told in their units. */
public interface TapeOfWhoAsks {
  TapeDivision of(NativeWebRequest request);
}
