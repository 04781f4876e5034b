package synopta.server.account;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.security.web.context.RequestAttributeSecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;
import synopta.server.web.Guard;

/** Every call by the table of rights; the files of the interface are everybody's, for the page to sign in is among them. */
@Configuration
class SecurityConfig {
    private static final List<RequestMatcher> GUARDED = Stream.of("/api/**", "/v3/**")
            .<RequestMatcher>map(PathPatternRequestMatcher::pathPattern)
            .toList();

    @Bean
    SecurityFilterChain fences(HttpSecurity http, PasswordCheck passwords, Terminal terminal, Refusals refusals)
            throws Exception {
        return http.authenticationProvider(passwords)
                .securityContext(context -> context.securityContextRepository(terminal))
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .httpBasic(basic -> basic.authenticationEntryPoint(refusals)
                        .securityContextRepository(new RequestAttributeSecurityContextRepository()))
                .exceptionHandling(
                        refused -> refused.authenticationEntryPoint(refusals).accessDeniedHandler(refusals))
                .csrf(csrf -> csrf.spa()
                        .csrfTokenRepository(tokens())
                        .requireCsrfProtectionMatcher(SecurityConfig::isFromAPage))
                .requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                // The guard sets them, on what is refused before this too.
                .headers(AbstractHttpConfigurer::disable)
                .authorizeHttpRequests(calls -> calls.anyRequest().access(SecurityConfig::decide))
                .build();
    }

    private static CookieCsrfTokenRepository tokens() {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Strict"));
        return tokens;
    }

    /** What a browser sends by itself is the cookie; a program that sends its password with the call needs no token. */
    private static boolean isFromAPage(HttpServletRequest request) {
        return !Guard.ASKING.contains(request.getMethod())
                && request.getHeader(HttpHeaders.AUTHORIZATION) == null
                && Terminal.token(request).isPresent();
    }

    private static AuthorizationDecision decide(
            Supplier<? extends Authentication> who, RequestAuthorizationContext asked) {
        HttpServletRequest request = asked.getRequest();
        Optional<Right> right = Right.of(request);
        boolean isForAll = GUARDED.stream().noneMatch(paths -> paths.matches(request))
                || right.filter(Right::isOpen).isPresent();
        return new AuthorizationDecision(
                isForAll || who.get().getPrincipal() instanceof Person person && may(person, right));
    }

    private static boolean may(Person person, Optional<Right> right) {
        return right.orElse(Right.MANAGE_ACCOUNTS).isOf(person.account().role());
    }
}
