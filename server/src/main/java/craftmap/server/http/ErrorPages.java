package craftmap.server.http;

import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.database.NoDatabase;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What never comes to a controller is refused in the same words as everything else. */
@RestController
class ErrorPages implements ErrorController {
  @Allowed(StudioRole.ANYONE)
  @RequestMapping("/error")
  ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
    Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
    Object failure = request.getAttribute(RequestDispatcher.ERROR_EXCEPTION);
    if (failure instanceof Throwable t && NoDatabase.isWhy(t)) {
      return refusal(HttpStatus.SERVICE_UNAVAILABLE, NoDatabase.SENTENCE);
    }
    HttpStatus status = code instanceof Integer c ? HttpStatus.resolve(c) : HttpStatus.NOT_FOUND;
    HttpStatus told = status == null ? HttpStatus.INTERNAL_SERVER_ERROR : status;
    return refusal(told, sentence(told));
  }

  private static ResponseEntity<ProblemDetail> refusal(HttpStatus status, String sentence) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, sentence);
    problem.setTitle(status.getReasonPhrase());
    return ResponseEntity.status(status)
        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
        .body(problem);
  }

  private static String sentence(HttpStatus status) {
    return switch (status) {
      case FORBIDDEN -> "This is changed from the pages of Craft Map only. Load the page again.";
      case NOT_FOUND -> "There is no such thing here.";
      case PAYLOAD_TOO_LARGE -> "What was sent is larger than is read here.";
      default ->
          status.is5xxServerError()
              ? "Something went wrong on our side. Nothing of yours was changed; it is in the log."
              : "The request is not what is expected here.";
    };
  }
}
