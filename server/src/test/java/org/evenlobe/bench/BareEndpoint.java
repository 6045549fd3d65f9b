package org.evenlobe.bench;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import javax.sql.DataSource;
import net.ttddyy.dsproxy.proxy.ParameterSetOperation;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.StatementCount.Sent;

/**
 * A bare endpoint that runs the same statements through plain JDBC, reads every column, and returns
 * the same bytes.
 */
final class BareEndpoint implements AutoCloseable {
  private final HttpServer server;
  private final URI uri;
  private final HttpClient client = HttpClient.newHttpClient();

  BareEndpoint(List<Sent> statements, byte[] bytes) throws IOException {
    DataSource source = RunningServer.bean(DataSource.class);
    server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    server.createContext(
        "/",
        exchange -> {
          try (Connection connection = source.getConnection()) {
            connection.setAutoCommit(false);
            for (Sent statement : statements) {
              run(connection, statement);
            }
            connection.commit();
          } catch (SQLException | ReflectiveOperationException e) {
            throw new IOException(e);
          }
          exchange.sendResponseHeaders(200, bytes.length);
          try (exchange) {
            exchange.getResponseBody().write(bytes);
          }
        });
    server.start();
    uri = URI.create("http://127.0.0.1:" + server.getAddress().getPort() + "/");
  }

  private static void run(Connection connection, Sent statement)
      throws SQLException, ReflectiveOperationException {
    try (PreparedStatement prepared = connection.prepareStatement(statement.sql())) {
      for (ParameterSetOperation parameter : statement.parameters()) {
        parameter.getMethod().invoke(prepared, parameter.getArgs());
      }
      if (prepared.execute()) {
        try (ResultSet rows = prepared.getResultSet()) {
          int columns = rows.getMetaData().getColumnCount();
          while (rows.next()) {
            for (int column = 1; column <= columns; column++) {
              rows.getObject(column);
            }
          }
        }
      }
    }
  }

  /** Asks it. */
  void get() {
    try {
      client.send(
          HttpRequest.newBuilder(uri).build(),
          HttpResponse.BodyHandlers.ofString(StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @Override
  public void close() {
    server.stop(0);
  }
}
