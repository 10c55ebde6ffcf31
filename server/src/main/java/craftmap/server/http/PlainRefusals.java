package craftmap.server.http;

import java.io.IOException;
import java.io.Writer;
import org.apache.catalina.Host;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;

/** What the container itself refuses, such as an address it cannot read, it refuses as JSON too. */
@Component
class PlainRefusals implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    factory.addContextCustomizers(
        context -> {
          if (context.getParent() instanceof Host host && host instanceof StandardHost standard) {
            standard.setErrorReportValveClass(AsJson.class.getName());
          }
        });
  }

  /** Says it in one sentence, and nothing of the container. */
  public static final class AsJson extends ErrorReportValve {
    @Override
    protected void report(Request request, Response response, Throwable throwable) {
      int status = response.getStatus();
      if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
        return;
      }
      response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
      response.setCharacterEncoding("utf-8");
      try {
        Writer writer = response.getReporter();
        if (writer != null) {
          writer.write(
              Refusal.json(
                  status < 500 ? "Not readable" : "Our mistake",
                  status,
                  status < 500
                      ? "The request is not what is expected here."
                      : "Something went wrong on our side."));
          response.finishResponse();
        }
      } catch (IOException gone) {
        // whoever asked is gone
      }
    }
  }
}
