package synopta.server.web;

import java.util.List;
import org.springframework.http.HttpStatus;

/** A request that is answered with a problem a person can act on. */
public final class ApiException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final HttpStatus status;
    private final transient List<FieldFault> errors;

    /** A field of the request and what is wrong with it. */
    public record FieldFault(String field, String message) {}

    private ApiException(HttpStatus status, String detail, List<FieldFault> errors) {
        super(detail);
        this.status = status;
        this.errors = errors;
    }

    /** 403: not for whoever asks. */
    public static ApiException notAllowed(String detail) {
        return new ApiException(HttpStatus.FORBIDDEN, detail, List.of());
    }

    /** 404: there is no such thing. */
    public static ApiException missing(String detail) {
        return new ApiException(HttpStatus.NOT_FOUND, detail, List.of());
    }

    /** 404: no case has that number. */
    public static ApiException noCase(long number) {
        return missing("There is no case %d. Search for it under Cases.".formatted(number));
    }

    /** 409: somebody else was faster; the fields that they changed. */
    public static ApiException conflict(String detail, List<FieldFault> changed) {
        return new ApiException(HttpStatus.CONFLICT, detail, changed);
    }

    /** 422: well formed, but it cannot be; a field is at fault. */
    public static ApiException impossible(String field, String detail) {
        return new ApiException(HttpStatus.UNPROCESSABLE_CONTENT, detail, List.of(new FieldFault(field, detail)));
    }

    HttpStatus status() {
        return status;
    }

    List<FieldFault> errors() {
        return errors;
    }
}
