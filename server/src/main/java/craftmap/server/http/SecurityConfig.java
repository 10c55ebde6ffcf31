package craftmap.server.http;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/**
 * Nobody signs in yet, so what protects the studio's data is that only pages of this server can
 * speak to it: loopback, a known Host, our own Origin, and a token that only our pages can read.
 */
@Configuration
class SecurityConfig {
  @Bean
  SecurityFilterChain chain(HttpSecurity http) {
    return http.authorizeHttpRequests(r -> r.anyRequest().permitAll())
        .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .csrf(csrf -> csrf.spa().csrfTokenRepository(tokens()))
        .addFilterBefore(new OwnPagesOnly(), CsrfFilter.class)
        .headers(
            h ->
                h.contentSecurityPolicy(c -> c.policyDirectives(ContentPolicy.FOR_ANSWERS))
                    .referrerPolicy(r -> r.policy(ReferrerPolicy.NO_REFERRER))
                    .permissionsPolicyHeader(
                        p ->
                            p.policy(
                                "camera=(), microphone=(), geolocation=(), payment=(), usb=()"))
                    .crossOriginOpenerPolicy(Customizer.withDefaults())
                    .crossOriginResourcePolicy(p -> p.policy(CrossOriginResourcePolicy.SAME_ORIGIN))
                    .frameOptions(f -> f.deny())
                    .httpStrictTransportSecurity(s -> s.disable()))
        .formLogin(f -> f.disable())
        .httpBasic(b -> b.disable())
        .logout(l -> l.disable())
        .requestCache(c -> c.disable())
        .anonymous(Customizer.withDefaults())
        .build();
  }

  /** Read by our own pages, and never sent along from another site's. */
  private static CookieCsrfTokenRepository tokens() {
    CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
    tokens.setCookieCustomizer(c -> c.sameSite("Strict"));
    return tokens;
  }
}
