package craftmap.server.studio;

import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;

/** The server is up once there is a studio to answer for. */
@Component
class FoundedHealth implements HealthIndicator {
  private final Studios studios;

  FoundedHealth(Studios studios) {
    this.studios = studios;
  }

  @Override
  public Health health() {
    return studios.isFounded() ? Health.up().build() : Health.down().build();
  }
}
