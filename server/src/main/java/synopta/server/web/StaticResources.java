package synopta.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the built interface: hashed assets for a year, its one page for every place in it. */
@Component
class StaticResources implements WebMvcConfigurer {
    private static final List<String> NOT_PAGES = List.of("api/", "v3/", "actuator/");

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new PlaceResolver());
    }

    /** Browsers ask for this one by themselves where data are opened in a tab. */
    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        registry.addRedirectViewController("/favicon.ico", "/favicon.svg");
    }

    /** Any path that names no file and is no call is a place in the interface. */
    private static final class PlaceResolver extends PathResourceResolver {
        @Override
        protected Resource getResource(String path, Resource location) throws IOException {
            Resource file = super.getResource(path, location);
            boolean place = !path.contains(".") && NOT_PAGES.stream().noneMatch(path::startsWith);
            if (file != null || !place) {
                return file;
            }
            return new ClassPathResource("/static/index.html");
        }
    }

    /** Headers that keep the page to what ships with it, and a limit on what a call may bring. */
    @Component
    static final class Guard extends OncePerRequestFilter {
        private static final long MEGABYTE = 1_000_000;
        private static final Limit ANY_CALL = new Limit(2, "Send less at once.");
        private static final Map<String, Limit> LIMITS = Map.of(
                "/api/catalogue/imports", new Limit(500, "Zip the CSV files, or import them in parts."),
                "/api/returns/picture", new Limit(15, "Use a smaller picture, or type the number."));

        /** So much may be brought, and what to do when it is more. */
        private record Limit(long megabytes, String remedy) {}

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            response.setHeader(
                    "Content-Security-Policy",
                    "default-src 'self'; img-src 'self' data:; frame-ancestors 'none'; base-uri 'none'; form-action 'self'");
            response.setHeader("X-Content-Type-Options", "nosniff");
            response.setHeader("Referrer-Policy", "no-referrer");
            Limit limit = LIMITS.getOrDefault(request.getRequestURI(), ANY_CALL);
            if (request.getContentLengthLong() > limit.megabytes * MEGABYTE) {
                response.setStatus(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE);
                response.setContentType("application/problem+json");
                response.getWriter()
                        .write(
                                "{\"title\":\"Content Too Large\",\"status\":413,\"detail\":\"The body is larger than %d MB. %s\"}"
                                        .formatted(limit.megabytes, limit.remedy));
                return;
            }
            chain.doFilter(request, response);
        }
    }
}
