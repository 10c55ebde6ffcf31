package craftmap.server.account;

import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;

/** How somebody who signs in is known again. */
@Configuration(proxyBeanMethods = false)
class SignInConfig {
  /** Says with each hash how it was made, so that later ones may be made better. */
  @Bean
  PasswordEncoder passwords() {
    return PasswordEncoderFactories.createDelegatingPasswordEncoder();
  }

  /** Under the id of the account: the name to sign in with is nobody else's business. */
  @Bean
  UserDetailsService users(AccountBook accounts) {
    return signIn -> {
      Account account =
          accounts
              .bySignIn(Given.signIn(signIn))
              .orElseThrow(() -> new UsernameNotFoundException("nobody of that name"));
      return User.withUsername(account.id())
          .password(accounts.passwordOf(account.id()))
          .authorities(List.of())
          .build();
    };
  }

  /**
   * When somebody was seen last is kept to the minute: what they ask within one writes nothing, so
   * that no answer waits for a disk, and no two servers get in each other's way over it.
   */
  @Bean
  SessionRepositoryCustomizer<JdbcIndexedSessionRepository> seenToTheMinute() {
    return sessions ->
        sessions.setUpdateSessionQuery(
            """
            UPDATE %TABLE_NAME%
            SET SESSION_ID = ?, LAST_ACCESS_TIME = ? DIV 60000 * 60000, MAX_INACTIVE_INTERVAL = ?,
              EXPIRY_TIME = ? DIV 60000 * 60000, PRINCIPAL_NAME = ?
            WHERE PRIMARY_ID = ?
            """);
  }

  /** Takes as long over a name that nobody has as over a password that is wrong. */
  @Bean
  AuthenticationManager signsIn(UserDetailsService users, PasswordEncoder passwords) {
    DaoAuthenticationProvider provider = new DaoAuthenticationProvider(users);
    provider.setPasswordEncoder(passwords);
    return new ProviderManager(provider);
  }
}
