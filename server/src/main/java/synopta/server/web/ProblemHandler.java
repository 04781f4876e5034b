package synopta.server.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.SocketTimeoutException;
import java.nio.file.FileSystemException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.validation.FieldError;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.json.JsonMapper;

/** Every error as RFC 9457 problem details, in words a person can act on. */
@RestControllerAdvice
public class ProblemHandler {
    /** Problem details in UTF-8. */
    static final String TYPE = "application/problem+json;charset=UTF-8";

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Logger LOG = LoggerFactory.getLogger(ProblemHandler.class);

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(ApiException refused) {
        return problem(refused.status(), refused.getMessage(), refused.errors());
    }

    /** The core refuses what cannot be; its message says what to do. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> impossible(IllegalArgumentException impossible) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, impossible.getMessage(), List.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> invalid(MethodArgumentNotValidException invalid) {
        Optional<FieldError> mistyped = invalid.getFieldErrors().stream()
                .filter(FieldError::isBindingFailure)
                .findFirst();
        if (mistyped.isPresent()) {
            return mistyped(mistyped.get().getField(), mistyped.get().getRejectedValue());
        }
        List<ApiException.FieldFault> errors = invalid.getFieldErrors().stream()
                .map(e -> new ApiException.FieldFault(e.getField(), e.getDefaultMessage()))
                .toList();
        String detail = errors.stream()
                .map(e -> "%s %s".formatted(e.field(), e.message()))
                .collect(Collectors.joining("; ", "Correct these fields: ", "."));
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, detail, errors);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unreadable(HttpMessageNotReadableException unreadable) {
        if (unreadable.getRootCause() instanceof SocketTimeoutException) {
            return problem(HttpStatus.REQUEST_TIMEOUT, "The body came too slowly. Send it again.", List.of());
        }
        return unreadable.getRootCause() instanceof CountedBody.TooLarge tooLarge
                ? tooLarge(tooLarge)
                : notJson(unreadable.getCause());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unreadable(JacksonException unreadable) {
        return notJson(unreadable);
    }

    private static ResponseEntity<ProblemDetail> notJson(Throwable cause) {
        if (cause instanceof MismatchedInputException mismatch
                && !mismatch.getPath().isEmpty()) {
            String field = mismatch.getPath().stream()
                    .map(step ->
                            step.getPropertyName() == null ? "[%d]".formatted(step.getIndex()) : step.getPropertyName())
                    .collect(Collectors.joining("."))
                    .replace(".[", "[");
            String detail = "The value of %s has the wrong type.".formatted(field);
            return problem(HttpStatus.BAD_REQUEST, detail, List.of(new ApiException.FieldFault(field, detail)));
        }
        String where = cause instanceof JacksonException broken && broken.getLocation() != null
                ? " at line %d, column %d"
                        .formatted(
                                broken.getLocation().getLineNr(),
                                broken.getLocation().getColumnNr())
                : "";
        return problem(
                HttpStatus.BAD_REQUEST,
                "The body is not readable JSON%s. Check quotes, commas and brackets there.".formatted(where),
                List.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> mistyped(MethodArgumentTypeMismatchException mistyped) {
        return mistyped(mistyped.getName(), mistyped.getValue());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> garbled(InvalidParameterException garbled) {
        return problem(
                HttpStatus.BAD_REQUEST,
                "The address cannot be read: what stands after the question mark must be UTF-8, percent-encoded.",
                List.of());
    }

    private static ResponseEntity<ProblemDetail> mistyped(String name, @Nullable Object value) {
        String detail = "%s (%s) has the wrong type.".formatted(name, value);
        return problem(HttpStatus.BAD_REQUEST, detail, List.of(new ApiException.FieldFault(name, detail)));
    }

    /** The disk is full; the message says what to do. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> noRoom(UncheckedIOException failure) {
        return failure.getCause() instanceof FileSystemException
                ? problem(HttpStatus.INSUFFICIENT_STORAGE, failure.getMessage(), List.of())
                : unexpected(failure);
    }

    /** A person who typed a wrong address sees the interface say so; a program gets the problem. */
    @ExceptionHandler
    ResponseEntity<?> nothingHere(NoResourceFoundException nothing, HttpServletRequest request) {
        boolean isPerson = Optional.ofNullable(request.getHeader(HttpHeaders.ACCEPT))
                .filter(types -> types.contains(MediaType.TEXT_HTML_VALUE))
                .isPresent();
        return isPerson
                ? ResponseEntity.status(HttpStatus.NOT_FOUND)
                        .contentType(MediaType.TEXT_HTML)
                        .body(new ClassPathResource("/static/index.html"))
                : problem(HttpStatus.NOT_FOUND, "There is nothing at this address. See /v3/api-docs.", List.of());
    }

    /** Whoever asked has gone on to something else; there is nobody to answer. */
    private static boolean hasGone(Throwable failure) {
        return Stream.iterate(failure, cause -> cause != null, Throwable::getCause)
                .anyMatch(AsyncRequestNotUsableException.class::isInstance);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unexpected(Exception unexpected) {
        if (hasGone(unexpected)) {
            return null;
        }
        if (unexpected instanceof ErrorResponse known) {
            return problem(
                    HttpStatus.valueOf(known.getStatusCode().value()),
                    known.getBody().getDetail(),
                    List.of());
        }
        String mark = UUID.randomUUID().toString().substring(0, 8);
        LOG.error("Unexpected failure {}", mark, unexpected);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "An unexpected error occurred and nothing was changed. Try again; if it happens again, report code %s."
                        .formatted(mark),
                List.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooLarge(CountedBody.TooLarge tooLarge) {
        return problem(HttpStatus.CONTENT_TOO_LARGE, tooLarge.getMessage(), List.of());
    }

    /** The same where no controller is reached. */
    public static void write(HttpServletResponse response, HttpStatus status, String detail) throws IOException {
        response.setStatus(status.value());
        response.setContentType(TYPE);
        response.getWriter().write(text(status, detail));
    }

    /** A problem as JSON. */
    static String text(HttpStatus status, String detail) {
        return JSON.writeValueAsString(
                Map.of("title", status.getReasonPhrase(), "status", status.value(), "detail", detail));
    }

    private static ResponseEntity<ProblemDetail> problem(
            HttpStatus status, String detail, List<ApiException.FieldFault> errors) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(status.getReasonPhrase());
        if (!errors.isEmpty()) {
            problem.setProperty("errors", errors);
        }
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }
}
