package craftmap.server.http;

import craftmap.server.access.Accounts;
import craftmap.server.access.Doors;
import java.net.URI;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/**
 * What holds for every request, before it is asked who sends it: only pages of this server can
 * speak to it, by a known Host, our own Origin, and a token that only our pages can read. Who may
 * ask what stands at each operation.
 */
@Configuration
class SecurityConfig {
  @Bean
  SecurityFilterChain chain(
      HttpSecurity http,
      SecurityContextRepository contexts,
      CsrfTokenRepository tokens,
      Accounts accounts,
      Doors doors,
      @Value("${craftmap.public}") String publicly) {
    return http.authorizeHttpRequests(r -> r.anyRequest().permitAll())
        .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.NEVER))
        .securityContext(c -> c.securityContextRepository(contexts))
        .csrf(csrf -> csrf.spa().csrfTokenRepository(tokens))
        .addFilterBefore(
            new OwnPagesOnly(publicAddress(publicly), accounts, doors), CsrfFilter.class)
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
                    .httpStrictTransportSecurity(s -> s.includeSubDomains(false)))
        .formLogin(f -> f.disable())
        .httpBasic(b -> b.disable())
        .logout(l -> l.disable())
        .requestCache(c -> c.disable())
        .anonymous(a -> a.disable())
        .build();
  }

  /** Such as https://craft.example; none where no proxy stands in front. */
  static Optional<URI> publicAddress(String given) {
    if (given.isBlank()) {
      return Optional.empty();
    }
    if (!given.matches("https://[A-Za-z0-9.-]+(:[0-9]{1,5})?")) {
      throw new IllegalArgumentException(
          "CRAFTMAP_PUBLIC is " + given + ". Give an address such as https://craft.example");
    }
    return Optional.of(URI.create(given));
  }

  /** In the session, which is kept in the database. */
  @Bean
  SecurityContextRepository contexts() {
    return new HttpSessionSecurityContextRepository();
  }

  /** Read by our own pages, and never sent along from another site's. */
  @Bean
  CsrfTokenRepository tokens() {
    CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
    tokens.setCookieCustomizer(c -> c.sameSite("Strict"));
    return tokens;
  }
}
