package craftmap.server.studio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import jakarta.servlet.ServletException;
import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class NotYetFoundedTest {
  private final Studios studios = mock(Studios.class);
  private final NotYetFounded filter = new NotYetFounded(studios);

  private MockHttpServletResponse ask(String path, String accept)
      throws ServletException, IOException {
    MockHttpServletRequest request = new MockHttpServletRequest("GET", path);
    request.addHeader("Accept", accept);
    MockHttpServletResponse response = new MockHttpServletResponse();
    filter.doFilter(request, response, new MockFilterChain());
    return response;
  }

  @Test
  void untilThereIsAStudioProgramsAndPeopleAreToldToWait() throws Exception {
    when(studios.isFounded()).thenReturn(false);
    MockHttpServletResponse program = ask("/api/pieces", "application/json");
    assertThat(program.getStatus()).isEqualTo(503);
    assertThat(program.getHeader("Retry-After")).isEqualTo("2");
    assertThat(program.getContentType()).startsWith("application/problem+json");
    MockHttpServletResponse person = ask("/", "text/html,*/*");
    assertThat(person.getStatus()).isEqualTo(503);
    assertThat(person.getContentAsString())
        .contains("being set up")
        .contains("http-equiv=\"refresh\"");
    assertThat(ask("/actuator/health", "*/*").getStatus()).isEqualTo(200);
  }

  @Test
  void onceFoundedItStandsAside() throws Exception {
    when(studios.isFounded()).thenReturn(true);
    assertThat(ask("/api/pieces", "application/json").getStatus()).isEqualTo(200);
    // it is not asked of the database with every request
    when(studios.isFounded()).thenThrow(new IllegalStateException("asked again"));
    assertThat(ask("/api/pieces", "application/json").getStatus()).isEqualTo(200);
  }
}
