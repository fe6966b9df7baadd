package glanzen.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.MediaType;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
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
                .csrf(c -> c.spa())
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .headers(h -> h.contentSecurityPolicy(p -> p.policyDirectives(POLICY))
                        .referrerPolicy(r -> r.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.NO_REFERRER)))
                .exceptionHandling(e -> e.accessDeniedHandler((request, response, denied) -> refuse(
                        response, "The page is out of date or the request came from elsewhere. Reload the page.")))
                .addFilterBefore(new LocalHostOnly(), AuthorizationFilter.class)
                .build();
    }

    /** A foreign name that resolves to this machine must not be able to talk to it. */
    private static final class LocalHostOnly extends OncePerRequestFilter {
        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            if (HOSTS.contains(request.getServerName())) {
                chain.doFilter(request, response);
            } else {
                refuse(response, "Glanzen answers to localhost only.");
            }
        }
    }

    private static void refuse(HttpServletResponse response, String detail) throws IOException {
        response.setStatus(HttpServletResponse.SC_FORBIDDEN);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getWriter().write("{\"title\":\"Refused\",\"status\":403,\"detail\":\"" + detail + "\"}");
    }
}
