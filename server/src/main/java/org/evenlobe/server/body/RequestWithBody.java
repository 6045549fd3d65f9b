package org.evenlobe.server.body;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.Enumeration;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.FormHttpMessageConverter;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.util.MultiValueMap;

/**
 * A request whose body has arrived, going on as if it came from outside only now. The parameters of
 * a form are those of its body, never of its address.
 */
final class RequestWithBody extends HttpServletRequestWrapper {
  private final byte[] body;
  private final Map<String, String[]> parameters;

  RequestWithBody(HttpServletRequest request, byte[] body) {
    super(request);
    this.body = body;
    this.parameters = isForm(request) ? form(body) : request.getParameterMap();
  }

  @Override
  public DispatcherType getDispatcherType() {
    return DispatcherType.REQUEST;
  }

  @Override
  public ServletInputStream getInputStream() {
    return new Held(new ByteArrayInputStream(body));
  }

  @Override
  public BufferedReader getReader() {
    return new BufferedReader(
        new InputStreamReader(new ByteArrayInputStream(body), StandardCharsets.UTF_8));
  }

  @Override
  public String getParameter(String name) {
    String[] values = parameters.get(name);
    return values == null ? null : values[0];
  }

  @Override
  public String[] getParameterValues(String name) {
    String[] values = parameters.get(name);
    return values == null ? null : values.clone();
  }

  @Override
  public Map<String, String[]> getParameterMap() {
    return Collections.unmodifiableMap(parameters);
  }

  @Override
  public Enumeration<String> getParameterNames() {
    return Collections.enumeration(parameters.keySet());
  }

  private static boolean isForm(HttpServletRequest request) {
    String type = request.getHeader(HttpHeaders.CONTENT_TYPE);
    return type != null && type.startsWith(MediaType.APPLICATION_FORM_URLENCODED_VALUE);
  }

  /** What cannot be read names nothing, as an empty form does. */
  private static Map<String, String[]> form(byte[] body) {
    Map<String, String[]> read = new LinkedHashMap<>();
    try {
      MultiValueMap<String, String> form =
          new FormHttpMessageConverter().read(null, new FormBody(new ByteArrayInputStream(body)));
      form.forEach((name, values) -> read.put(name, values.toArray(String[]::new)));
    } catch (IOException | HttpMessageNotReadableException | IllegalArgumentException unreadable) {
      return Map.of();
    }
    return read;
  }

  private record FormBody(InputStream body) implements HttpInputMessage {
    @Override
    public InputStream getBody() {
      return body;
    }

    @Override
    public HttpHeaders getHeaders() {
      return new HttpHeaders();
    }
  }

  private static final class Held extends ServletInputStream {
    private final ByteArrayInputStream in;

    Held(ByteArrayInputStream in) {
      this.in = in;
    }

    @Override
    public int read() {
      return in.read();
    }

    @Override
    public int read(byte[] into, int from, int most) {
      return in.read(into, from, most);
    }

    @Override
    public boolean isFinished() {
      return in.available() == 0;
    }

    @Override
    public boolean isReady() {
      return true;
    }

    @Override
    public void setReadListener(ReadListener listener) {
      throw new IllegalStateException("it has all arrived");
    }
  }
}
