package org.evenlobe.server;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.solution.Ingredients;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The server: HTTP in, facts to PostgreSQL, answers from the core. */
@SpringBootApplication
@EnableScheduling
public class EvenLobe {
  public static void main(String[] arguments) {
    askLoggersCheaply();
    SpringApplication.run(EvenLobe.class, arguments);
  }

  /**
   * Hibernate asks its logger for each value that it reads; the platform's answers that in a tenth
   * of the time, and hands on what is to be logged.
   */
  public static void askLoggersCheaply() {
    System.setProperty("org.jboss.logging.provider", "jdk");
  }

  /** The clock, or a fixed instant where one is configured. */
  @Bean
  Clock clock(@Value("${evenlobe.now}") String now) {
    return now.isEmpty() ? Clock.systemUTC() : Clock.fixed(Instant.parse(now), ZoneOffset.UTC);
  }

  @Bean
  Ingredients ingredients() {
    return Ingredients.shipped();
  }

  @Bean
  BreedCatalogue breedCatalogue() {
    return BreedCatalogue.shipped();
  }

  @Bean
  Planner planner(BreedCatalogue breeds) {
    return new Planner(breeds);
  }
}
