package synopta.server.web;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** Problem details too for what the container refuses by itself, such as an address within its own folders. */
@Controller
class ErrorPage implements ErrorController {
    @RequestMapping("/error")
    void say(HttpServletRequest request, HttpServletResponse response) throws IOException {
        HttpStatus status = Optional.ofNullable(request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE))
                .map(code -> HttpStatus.resolve((Integer) code))
                .orElse(HttpStatus.NOT_FOUND);
        String detail = status.is5xxServerError()
                ? "An unexpected error occurred and nothing was changed. Try again."
                : "There is nothing at this address, or it cannot be asked for like this. See /v3/api-docs.";
        ProblemHandler.write(response, status, detail);
    }
}
