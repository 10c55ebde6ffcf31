package craftmap.server.database;

import com.zaxxer.hikari.HikariDataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.stereotype.Component;

/** Makes the application's pool a patient one. */
@Component
class PatientPools implements BeanPostProcessor {
  @Override
  public Object postProcessAfterInitialization(Object bean, String name) {
    return bean instanceof HikariDataSource pool ? new PatientPool(pool) : bean;
  }
}
