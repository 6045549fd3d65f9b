package org.evenlobe.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The least that Spring Boot and Hibernate make: what the server's start-up is held against. */
@SpringBootApplication
@RestController
public class BareApplication {
  public static void main(String[] arguments) {
    SpringApplication.run(BareApplication.class, arguments);
  }

  @GetMapping("/")
  String hello() {
    return "hello";
  }

  /** So that Hibernate has something to map. */
  @Entity
  static class Thing {
    @Id private long id;
  }
}
