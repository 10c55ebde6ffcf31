package craftmap.server.http;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.server.access.NotAllowed;
import craftmap.server.access.NotAtTheBench;
import craftmap.server.access.NotPaired;
import craftmap.server.access.NotSignedIn;
import craftmap.server.access.StudioRole;
import craftmap.server.database.NoDatabase;
import craftmap.server.words.FigureWords;
import craftmap.server.writing.EndedByOthers;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.Arrays;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.NoHandlerFoundException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.databind.exc.InvalidFormatException;

/**
 * Every error as problem+json; where input is refused, with everything that is wrong: each field,
 * and what would be accepted there.
 */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  /** Which field was refused, with what in it. */
  record Violation(String field, String value, String accepted, String message) {}

  private final TapeOfWhoAsks tapes;
  private final PageController pages;

  Problems(TapeOfWhoAsks tapes, PageController pages) {
    this.tapes = tapes;
    this.pages = pages;
  }

  @ExceptionHandler
  ProblemDetail refused(RefusedInput refused, NativeWebRequest request) {
    FigureWords words = new FigureWords(tape(request));
    ProblemDetail problem =
        problem(HttpStatus.UNPROCESSABLE_CONTENT, "Not accepted", words.refusal(refused));
    problem.setProperty(
        "violations",
        refused.faults().stream()
            .map(
                f ->
                    new Violation(
                        words.text(f.field()),
                        words.text(f.value()),
                        words.text(f.accepted()),
                        words.sentence(f)))
            .toList());
    return problem;
  }

  /** In millimetres where it cannot be found out who asks. */
  private TapeDivision tape(NativeWebRequest request) {
    try {
      return tapes.of(request);
    } catch (RuntimeException nobodyKnown) {
      return TapeDivision.MM_1;
    }
  }

  @ExceptionHandler
  ProblemDetail missing(NoSuchElementException missing) {
    String which = missing.getMessage();
    return problem(
        HttpStatus.NOT_FOUND, "Not here", which == null ? "There is no such thing here." : which);
  }

  @ExceptionHandler
  ProblemDetail notSignedIn(NotSignedIn nobody) {
    return problem(HttpStatus.UNAUTHORIZED, "Not signed in", nobody.getMessage());
  }

  @ExceptionHandler
  ProblemDetail notPaired(NotPaired nobody) {
    return problem(HttpStatus.UNAUTHORIZED, "Not paired", nobody.getMessage());
  }

  @ExceptionHandler
  ProblemDetail notAtTheBench(NotAtTheBench refused) {
    return problem(HttpStatus.FORBIDDEN, "Not at the bench", refused.getMessage());
  }

  @ExceptionHandler
  ProblemDetail notAllowed(NotAllowed refused) {
    return problem(
        HttpStatus.FORBIDDEN,
        "Not yours to do",
        refused.asked() == StudioRole.OWNER
            ? "Only an owner of the studio does this."
            : "You look at this studio as a guest. Its makers and owners change things.");
  }

  private static ProblemDetail busy() {
    return problem(
        HttpStatus.SERVICE_UNAVAILABLE,
        "Busy",
        "Others are changing the same just now. Nothing of yours was changed; try again in a moment.");
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> failed(Exception failure) {
    if (NoDatabase.isWhy(failure)) {
      return noDatabase();
    }
    return ResponseEntity.of(EndedByOthers.isWhy(failure) ? busy() : ourBug(failure)).build();
  }

  private static ResponseEntity<ProblemDetail> noDatabase() {
    ProblemDetail problem =
        problem(HttpStatus.SERVICE_UNAVAILABLE, "No database", NoDatabase.SENTENCE);
    return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
        .header(HttpHeaders.RETRY_AFTER, "" + NoDatabase.AGAIN_AFTER_SECONDS)
        .body(problem);
  }

  private static ProblemDetail ourBug(Exception bug) {
    LOG.error("unexpected", bug);
    return problem(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "Our mistake",
        "Something went wrong on our side. Nothing of yours was changed; it is in the log.");
  }

  private static ProblemDetail problem(HttpStatus status, String title, String detail) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
    problem.setTitle(title);
    return problem;
  }

  /** A person who asks for a page is answered with one; programs with a problem. */
  @Override
  protected ResponseEntity<Object> handleNoHandlerFoundException(
      NoHandlerFoundException nothing,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return nothingHere(nothing.getRequestURL(), request)
        .orElseGet(() -> super.handleNoHandlerFoundException(nothing, headers, status, request));
  }

  private Optional<ResponseEntity<Object>> nothingHere(String address, WebRequest request) {
    String accepts = request.getHeader(HttpHeaders.ACCEPT);
    boolean isPage =
        accepts != null
            && accepts.contains(MediaType.TEXT_HTML_VALUE)
            && !address.startsWith("/api/")
            && ((NativeWebRequest) request)
                .getNativeRequest(HttpServletRequest.class)
                .getMethod()
                .equals("GET");
    if (!isPage) {
      return Optional.empty();
    }
    try {
      ResponseEntity<String> page = pages.nothingHere();
      return Optional.of(
          ResponseEntity.status(page.getStatusCode())
              .headers(page.getHeaders())
              .body(page.getBody()));
    } catch (IOException gone) {
      return Optional.empty();
    }
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException unreadable,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    Throwable cause = unreadable.getMostSpecificCause();
    if (cause instanceof RefusedInput refused) {
      ProblemDetail problem = refused(refused, (NativeWebRequest) request);
      return ResponseEntity.status(problem.getStatus()).body(problem);
    }
    for (Throwable t = unreadable; t != null; t = t.getCause()) {
      if (t instanceof InvalidFormatException chosen && isChoice(chosen)) {
        ProblemDetail problem = refused(choice(chosen), (NativeWebRequest) request);
        problem.setStatus(HttpStatus.BAD_REQUEST);
        return ResponseEntity.badRequest().body(problem);
      }
    }
    String where =
        cause instanceof tools.jackson.core.JacksonException json && json.getLocation() != null
            ? " near line %d, column %d"
                .formatted(json.getLocation().getLineNr(), json.getLocation().getColumnNr())
            : "";
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(
            HttpStatus.BAD_REQUEST, "The request is not what is expected here" + where + ".");
    problem.setTitle("Not readable");
    return ResponseEntity.status(HttpStatus.BAD_REQUEST).body(problem);
  }

  private static boolean isChoice(InvalidFormatException wrong) {
    return wrong.getTargetType() != null
        && wrong.getTargetType().isEnum()
        && !wrong.getPath().isEmpty();
  }

  /** One of a few was asked for, and something else was given. */
  private static RefusedInput choice(InvalidFormatException chosen) {
    String field = chosen.getPath().getLast().getPropertyName();
    return new RefusedInput(
        given(field == null ? "" : field),
        given(String.valueOf(chosen.getValue())),
        said("is-unknown"),
        given(
            Arrays.stream(chosen.getTargetType().getEnumConstants())
                .map(c -> ((Enum<?>) c).name())
                .collect(Collectors.joining(", "))));
  }
}
