package org.mildlantern.app;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.context.annotation.Import;

/**
 * The whole app on real PostgreSQL, with a fixed clock and the demo collection. There is one
 * connection only: a request that needs a second one waits for itself, and its test fails.
 */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@SpringBootTest(
    webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
    properties = {
      "mild-lantern.demo=true",
      "mild-lantern.demo-token=ml_test_demo_token",
      "spring.mail.host=127.0.0.1",
      "spring.mail.port=3025",
      "spring.mail.properties.mail.smtp.starttls.enable=false",
      "spring.datasource.hikari.maximum-pool-size=1",
      "spring.datasource.hikari.connection-timeout=20000",
      "spring.jpa.properties.hibernate.generate_statistics=true",
      "logging.level.org.hibernate.engine.internal.StatisticalLoggingSessionEventListener=warn"
    })
@AutoConfigureMockMvc
@Import(Keepers.class)
public @interface AppTest {}
