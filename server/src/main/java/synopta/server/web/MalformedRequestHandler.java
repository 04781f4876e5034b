package synopta.server.web;

import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.core.Ordered;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Problem details too for requests so broken that they never reach a controller, such as a path with a stray `%`. */
@Component
class MalformedRequestHandler implements WebServerFactoryCustomizer<TomcatServletWebServerFactory>, Ordered {
    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(
                context -> context.getParent().getPipeline().addValve(new ProblemValve()));
    }

    /** After the customizer of Boot, so that this valve is the inner one and speaks first. */
    @Override
    public int getOrder() {
        return LOWEST_PRECEDENCE;
    }

    private static final class ProblemValve extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, Throwable throwable) {
            if (response.getStatus() < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            try {
                Guard.HEADERS.forEach(response::setHeader);
                response.setContentType(ProblemHandler.TYPE);
                response.getReporter()
                        .write(ProblemHandler.text(
                                HttpStatus.valueOf(response.getStatus()),
                                "The address or a header of the request cannot be read. Write models and parts in letters"
                                        + " and digits only."));
                response.finishResponse();
            } catch (IOException e) {
                container.getLogger().debug("The response could not be sent.", e);
            }
        }
    }
}
