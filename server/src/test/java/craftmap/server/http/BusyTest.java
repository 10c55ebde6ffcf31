package craftmap.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.server.ServerTest;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import java.net.http.HttpClient;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Whoever has much worked out, on all the cores there are and more, keeps nobody else waiting. */
class BusyTest extends ServerTest {
  private static final int MORE_THAN_CORES = Runtime.getRuntime().availableProcessors() + 2;

  /** Only so that a failure is told, and not waited for. */
  private static final Duration LONG_ENOUGH = Duration.ofSeconds(60);

  private final RequestMappingInfo address =
      RequestMappingInfo.paths("/api/test/works-something-out").build();

  private final CountDownLatch working = new CountDownLatch(MORE_THAN_CORES);
  private volatile boolean goesOn = true;

  @Autowired
  @Qualifier("requestMappingHandlerMapping")
  private RequestMappingHandlerMapping handlers;

  /** As a search does: it never waits for anything. */
  @Allowed(StudioRole.ANYONE)
  @ResponseBody
  public String worksSomethingOut() {
    working.countDown();
    while (goesOn) {
      Thread.onSpinWait();
    }
    return "worked out";
  }

  @BeforeEach
  void thereIsMuchToWorkOut() throws NoSuchMethodException {
    handlers.registerMapping(address, this, getClass().getMethod("worksSomethingOut"));
  }

  @AfterEach
  void nothingGoesOn() {
    goesOn = false;
    handlers.unregisterMapping(address);
  }

  @Test
  void whoeverAsksALittleIsAnsweredWhileMuchIsWorkedOut() throws Exception {
    try (HttpClient others = HttpClient.newHttpClient()) {
      List<CompletableFuture<HttpResponse<String>>> much =
          IntStream.range(0, MORE_THAN_CORES)
              .mapToObj(
                  _ ->
                      others.sendAsync(
                          request("/api/test/works-something-out").GET().build(),
                          HttpResponse.BodyHandlers.ofString()))
              .toList();
      try {
        assertThat(working.await(LONG_ENOUGH.toSeconds(), TimeUnit.SECONDS))
            .as("all begun")
            .isTrue();
        Answer little = send(request("/api/studio").timeout(LONG_ENOUGH).GET());
        assertThat(little.status()).isEqualTo(200);
        assertThat(much).as("still worked out").noneMatch(CompletableFuture::isDone);
      } finally {
        goesOn = false;
      }
      for (CompletableFuture<HttpResponse<String>> answer : much) {
        assertThat(answer.get().body()).isEqualTo("worked out");
      }
    }
  }
}
