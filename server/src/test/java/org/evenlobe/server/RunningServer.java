package org.evenlobe.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.sql.DataSource;
import net.ttddyy.dsproxy.support.ProxyDataSourceBuilder;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * Starts the real server once for all tests of the module, on a free port, against a PostgreSQL of
 * its own that is removed afterwards. Statements of all kinds are counted on the way.
 */
public final class RunningServer implements BeforeAllCallback {
  private static final Path PROJECT = Path.of("..").toAbsolutePath().normalize();
  private static final Path STATE = Path.of("target/test-state").toAbsolutePath();
  private static ConfigurableApplicationContext context;
  private static Map<String, String> database;

  @Override
  public void beforeAll(ExtensionContext test) {
    test.getRoot()
        .getStore(ExtensionContext.Namespace.GLOBAL)
        .getOrComputeIfAbsent(RunningServer.class, key -> start(), AutoCloseable.class);
  }

  /** Starts the server and its database; closing stops both. */
  public static AutoCloseable start() {
    EvenLobe.askLoggersCheaply();
    database("destroy");
    database("start");
    Map<String, String> variables = new HashMap<>();
    for (String line : database("env").strip().split("\n", -1)) {
      String[] pair = line.split("=", 2);
      variables.put(pair[0], pair[1]);
    }
    database = Map.copyOf(variables);
    SpringApplication application = new SpringApplication(EvenLobe.class, Counting.class);
    Map<String, Object> properties = new HashMap<>(variables);
    properties.put("PORT", "0");
    properties.put("EVENLOBE_LIMITS_TIMES", "1000");
    properties.put("EVENLOBE_REGISTRATION", "open");
    // its jobs would ask the database while statements are counted: tests run them by hand
    properties.put("EVENLOBE_JOBS", "false");
    application.setDefaultProperties(properties);
    context = application.run();
    return () -> {
      context.close();
      database("destroy");
    };
  }

  /** A second process's worth of server at the same database, with a memory of its own. */
  public static ConfigurableApplicationContext second() {
    return second(Map.of());
  }

  /** The same with settings of its own. */
  public static ConfigurableApplicationContext second(Map<String, String> settings) {
    SpringApplication application = new SpringApplication(EvenLobe.class);
    Map<String, Object> properties = new HashMap<>(database);
    properties.put("PORT", "0");
    properties.put("EVENLOBE_LIMITS_TIMES", "1000");
    properties.put("EVENLOBE_REGISTRATION", "open");
    properties.putAll(settings);
    application.setDefaultProperties(properties);
    return application.run();
  }

  /** Where the server answers. */
  public static String address() {
    return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
  }

  /** A bean of the running server. */
  public static <T> T bean(Class<T> type) {
    return context.getBean(type);
  }

  /** The variables that the server reads: where the database is and its roles' passwords. */
  public static Map<String, String> database() {
    return database;
  }

  /** The database as the role that owns the tables. */
  public static DataSource ownerSource() {
    return new DriverManagerDataSource(
        database.get("DB_URL"), "evenlobe_owner", database.get("DB_OWNER_PASSWORD"));
  }

  /** The same through one connection, where it is asked often. */
  public static DataSource oneConnection() {
    return new SingleConnectionDataSource(
        database.get("DB_URL"), "evenlobe_owner", database.get("DB_OWNER_PASSWORD"), true);
  }

  /** A database of that name beside the server's, with nothing in it, as the owner's role. */
  public static DataSource emptyDatabase(String name) {
    database("admin", "-q", "-c", "create database " + name + " owner evenlobe_owner");
    return databaseNamed(name);
  }

  /** One that was made so. */
  public static DataSource databaseNamed(String name) {
    return new DriverManagerDataSource(
        database.get("DB_URL").replaceFirst("/evenlobe(?=$|\\?)", "/" + name),
        "evenlobe_owner",
        database.get("DB_OWNER_PASSWORD"));
  }

  /** Lets the owner's role end connections of the application's, as somebody at the machine can. */
  public static void letOwnerEndConnections() {
    database("admin", "-c", "grant pg_signal_backend to evenlobe_owner");
  }

  /** Ends the database as a power cut does, and starts it again. */
  public static void killDatabase() {
    database("kill");
    database("start");
  }

  private static String database(String... command) {
    try {
      List<String> line = new ArrayList<>(List.of(PROJECT.resolve("bin/database").toString()));
      line.addAll(List.of(command));
      ProcessBuilder builder = new ProcessBuilder(line);
      builder.environment().put("EVENLOBE_STATE", STATE.toString());
      builder.environment().put("PG_FAST", "1");
      builder.redirectError(ProcessBuilder.Redirect.INHERIT);
      Process process = builder.start();
      String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      if (process.waitFor() != 0) {
        throw new IllegalStateException("bin/database " + String.join(" ", command) + " failed");
      }
      return out;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  /** Counts every statement that goes to the database, by whatever way. */
  @Configuration
  static class Counting {
    private static final int SALT = 16;
    private static final int HASH = 32;
    private static final int LITTLE_MEMORY = 1024;

    /** The same function with little work in it: hundreds of tests make a person each. */
    @Bean
    @Primary
    static PasswordEncoder quickPasswords() {
      return new Argon2PasswordEncoder(SALT, HASH, 1, LITTLE_MEMORY, 1);
    }

    @Bean
    static BeanPostProcessor countStatements() {
      return new BeanPostProcessor() {
        @Override
        public Object postProcessAfterInitialization(Object bean, String name) {
          return bean instanceof DataSource source
              ? ProxyDataSourceBuilder.create(source).listener(StatementCount.LISTENER).build()
              : bean;
        }
      };
    }
  }
}
