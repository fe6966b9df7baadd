package glanzen.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;
import org.springframework.web.filter.OncePerRequestFilter;

/** No accounts, but other pages in the same browser must not reach in: CSRF, strict policy, local host names only. */
@Configuration
class SecurityConfig {

    private static final String POLICY = "default-src 'self'; img-src 'self' data: blob:; style-src 'self'; "
            + "script-src 'self'; font-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none'; "
            + "form-action 'self'; frame-ancestors 'none'";

    private static final Set<String> HOSTS = Set.of("localhost", "127.0.0.1", "[::1]");

    @Bean
    SecurityFilterChain chain(HttpSecurity http) throws Exception {
        return http.authorizeHttpRequests(a -> a.anyRequest().permitAll())
                .csrf(c -> c.spa().csrfTokenRepository(tokens()))
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .headers(h -> h.contentSecurityPolicy(p -> p.policyDirectives(POLICY))
                        .referrerPolicy(r -> r.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.NO_REFERRER)))
                .exceptionHandling(e -> e.accessDeniedHandler((request, response, denied) -> refuse(
                        response, "The page is out of date or the request came from elsewhere. Reload the page.")))
                .addFilterBefore(new LocalHostOnly(), AuthorizationFilter.class)
                .addFilterBefore(new OwnPageOnly(), AuthorizationFilter.class)
                .build();
    }

    /** The page reads the token and hands it back; no other site gets the cookie sent along. */
    private static CookieCsrfTokenRepository tokens() {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Strict"));
        return tokens;
    }

    /**
     * Cookies do not know of ports: a page on another port of this machine could plant a token of its own. What changes
     * anything must say that it comes from the page served here, where a browser says at all whence it comes.
     */
    private static final class OwnPageOnly extends OncePerRequestFilter {

        private static final Set<String> SAFE = Set.of("GET", "HEAD", "OPTIONS", "TRACE");
        private static final Set<String> OWN = Set.of("same-origin", "none");

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            String site = request.getHeader("Sec-Fetch-Site");
            String origin = request.getHeader("Origin");
            String own = request.getScheme() + "://" + request.getHeader("Host");
            boolean foreign = site != null && !OWN.contains(site) || origin != null && !origin.equals(own);
            if (foreign && !SAFE.contains(request.getMethod())) {
                refuse(response, "The request came from another page. Nothing was changed.");
            } else {
                chain.doFilter(request, response);
            }
        }
    }

    /** A foreign name that resolves to this machine must not be able to talk to it. */
    private static final class LocalHostOnly extends OncePerRequestFilter {
        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            // Names of hosts are the same in capitals, and with the dot that ends them.
            String host = request.getServerName().toLowerCase(Locale.ROOT).replaceAll("\\.$", "");
            if (HOSTS.contains(host)) {
                chain.doFilter(request, response);
            } else {
                refuse(response, "Glanzen answers to localhost only.");
            }
        }
    }

    private static void refuse(HttpServletResponse response, String detail) throws IOException {
        Refusal.write(response, HttpServletResponse.SC_FORBIDDEN, "Refused", detail);
    }
}
