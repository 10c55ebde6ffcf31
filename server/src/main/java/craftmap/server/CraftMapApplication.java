package craftmap.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.context.annotation.Bean;

/** The server: one package for each feature, the core doing the sums. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
public class CraftMapApplication {
  public static void main(String[] args) {
    SpringApplication.run(CraftMapApplication.class, args);
  }

  /** The only place where time comes from. */
  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }
}
