package org.evenlobe.server.problem;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.evenlobe.server.problem.InvalidFields.FieldError;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Makes every failure a problem document that names the field and says what was expected. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
  @Override
  protected @Nullable ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException invalid,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    List<FieldError> errors =
        invalid.getBindingResult().getFieldErrors().stream()
            .map(error -> new FieldError(error.getField(), error.getDefaultMessage()))
            .sorted((one, two) -> one.field().compareTo(two.field()))
            .toList();
    return answer(new InvalidFields(errors), request);
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException unreadable,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return answer(unreadable(unreadable.getMostSpecificCause(), unreadable), request);
  }

  @ExceptionHandler
  @Nullable ResponseEntity<Object> handleWrongPath(
      MethodArgumentTypeMismatchException mismatch, WebRequest request) {
    boolean parameter = mismatch.getParameter().hasParameterAnnotation(RequestParam.class);
    return answer(
        parameter
            ? InvalidFields.of(mismatch.getName(), "has a value of the wrong kind")
            : Refusal.notFound(),
        request);
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHttpMediaTypeNotSupported(
      HttpMediaTypeNotSupportedException unsupported,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return answer(
        InvalidFields.of(
            "Content-Type",
            "must be one of "
                + unsupported.getSupportedMediaTypes().stream()
                    .map(Object::toString)
                    .collect(Collectors.joining(", "))),
        request);
  }

  /** Such as a type that is none, or one of which nothing can be made: "application/*". */
  @ExceptionHandler
  @Nullable ResponseEntity<Object> handleWrongType(
      InvalidMediaTypeException invalid, WebRequest request) {
    return answer(InvalidFields.of("Content-Type", "must name a type"), request);
  }

  @ExceptionHandler
  @Nullable ResponseEntity<Object> handleUnexpected(Exception unexpected, WebRequest request) {
    String type = request.getHeader(HttpHeaders.CONTENT_TYPE);
    boolean ofManyTypes = type != null && type.contains("*");
    return answer(
        ofManyTypes && unexpected instanceof IllegalArgumentException
            ? InvalidFields.of("Content-Type", "must name one type")
            : LastResort.of(unexpected),
        request);
  }

  @Override
  protected ResponseEntity<Object> createResponseEntity(
      @Nullable Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
    if (body instanceof ProblemDetail problem) {
      problem.setProperty(RequestId.NAME, RequestId.current());
    }
    return super.createResponseEntity(body, headers, status, request);
  }

  private @Nullable ResponseEntity<Object> answer(Refusal refusal, WebRequest request) {
    return handleErrorResponseException(
        refusal, refusal.getHeaders(), refusal.getStatusCode(), request);
  }

  private static InvalidFields unreadable(Throwable cause, Exception whole) {
    for (Throwable at = whole; at != null; at = at.getCause()) {
      if (at instanceof JacksonException json && !json.getPath().isEmpty()) {
        return InvalidFields.of(path(json), expected(json));
      }
    }
    return cause instanceof JacksonException json && json.getLocation() != null
        ? InvalidFields.of(
            "body", "is not JSON: line " + Math.max(1, json.getLocation().getLineNr()))
        : InvalidFields.of("body", "is not readable JSON");
  }

  private static String expected(JacksonException json) {
    if (json instanceof UnrecognizedPropertyException) {
      return "is not a field that is known here";
    }
    if (json instanceof InvalidFormatException format && format.getTargetType().isEnum()) {
      return "must be one of "
          + Arrays.stream(format.getTargetType().getEnumConstants())
              .map(Object::toString)
              .collect(Collectors.joining(", "));
    }
    String message = json.getOriginalMessage();
    return message != null
            && (message.startsWith(CleanStrings.REFUSED)
                || message.startsWith(CalendarTimes.REFUSED))
        ? message
        : "has a value of the wrong kind";
  }

  private static String path(JacksonException json) {
    StringBuilder path = new StringBuilder();
    for (JacksonException.Reference step : json.getPath()) {
      if (step.getPropertyName() == null) {
        path.append('[').append(step.getIndex()).append(']');
      } else {
        path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
      }
    }
    return path.toString();
  }
}
