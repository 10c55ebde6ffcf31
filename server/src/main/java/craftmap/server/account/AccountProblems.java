package craftmap.server.account;

import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.AuthenticationException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** What is said to somebody who could not be let in; never what of it was wrong. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class AccountProblems {
  @ExceptionHandler
  ProblemDetail notKnown(AuthenticationException wrong) {
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(
            HttpStatus.UNAUTHORIZED,
            "These do not belong together. Look at both again: capitals count in a password.");
    problem.setTitle("Not signed in");
    return problem;
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> tooSoon(Patience.TooSoon wait) {
    long seconds = wait.seconds();
    String when = seconds < 100 ? seconds + " seconds" : Math.ceilDiv(seconds, 60) + " minutes";
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(
            HttpStatus.TOO_MANY_REQUESTS,
            "That was tried too often. Wait " + when + " and try again.");
    problem.setTitle("Too often");
    return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
        .header(HttpHeaders.RETRY_AFTER, "" + seconds)
        .body(problem);
  }
}
