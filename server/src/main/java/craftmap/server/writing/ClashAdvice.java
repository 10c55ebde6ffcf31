package craftmap.server.writing;

import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** Answers a lost race with 409 and what the other side did. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE) // before the advice that catches everything
class ClashAdvice {
  @ExceptionHandler
  ProblemDetail clash(Clash clash) {
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, clash.getMessage());
    problem.setTitle("Changed meanwhile");
    problem.setProperty("theirs", clash.theirs());
    return problem;
  }
}
