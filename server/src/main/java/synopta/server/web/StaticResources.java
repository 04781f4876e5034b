package synopta.server.web;

import java.io.IOException;
import java.time.Duration;
import java.util.Set;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the built interface: hashed assets for a year, its one page for every place in it. */
@Component
class StaticResources implements WebMvcConfigurer {
    /** The first step of the addresses of the interface's places, as `App.tsx` has them, and of those they had before. */
    private static final Set<String> PLACES = Set.of(
            "",
            "models",
            "parts",
            "compatible",
            "bench",
            "guide",
            "catalog",
            "cases",
            "quotes",
            "sheet",
            "settings",
            "setup",
            "machines",
            "knowledge",
            "shelf",
            "day-book",
            "house-rules");

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

    /** A path that names no file may be a place in the interface. */
    private static final class PlaceResolver extends PathResourceResolver {
        @Override
        protected Resource getResource(String path, Resource location) throws IOException {
            Resource file = super.getResource(path, location);
            boolean isPlace = !path.contains(".") && PLACES.contains(path.split("/", 2)[0]);
            return file == null && isPlace ? new ClassPathResource("/static/index.html") : file;
        }
    }
}
