package org.mildlantern.app;

import java.time.Clock;
import org.mildlantern.core.diagnosis.Diagnostician;
import org.mildlantern.core.knowledge.Absence;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Media;
import org.mildlantern.core.knowledge.Raising;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.knowledge.Repots;
import org.mildlantern.core.knowledge.Rescue;
import org.mildlantern.core.knowledge.SheetWords;
import org.mildlantern.core.said.Reader;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts Mild Lantern. */
@SpringBootApplication
@ConfigurationPropertiesScan
@EnableScheduling
public class MildLanternApplication {
  public static void main(String[] args) {
    // The knowledge is read while the program is put together.
    new Thread(Library::shipped, "knowledge").start();
    SpringApplication.run(MildLanternApplication.class, args);
  }

  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }

  @Bean
  Knowledge knowledge() {
    return Library.shipped().knowledge();
  }

  @Bean
  Remedies remedies() {
    return Library.shipped().remedies();
  }

  @Bean
  Media media() {
    return Library.shipped().media();
  }

  @Bean
  Absence absence() {
    return Library.shipped().absence();
  }

  @Bean
  Raising raising() {
    return Library.shipped().raising();
  }

  @Bean
  Repots repots() {
    return Library.shipped().repots();
  }

  @Bean
  Rescue rescue() {
    return Library.shipped().rescue();
  }

  @Bean
  SheetWords sheetWords() {
    return Library.shipped().sheet();
  }

  @Bean
  Reader reader(Knowledge knowledge) {
    return new Reader(knowledge);
  }

  @Bean
  Diagnostician diagnostician(Knowledge knowledge) {
    return new Diagnostician(knowledge);
  }
}
