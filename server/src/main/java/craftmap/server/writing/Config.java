package craftmap.server.writing;

import org.springframework.context.annotation.Configuration;
import org.springframework.resilience.annotation.EnableResilientMethods;

/** What was ended in favour of another is tried again. */
@Configuration
@EnableResilientMethods
class Config {}
