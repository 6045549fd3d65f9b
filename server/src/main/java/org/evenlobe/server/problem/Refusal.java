package org.evenlobe.server.problem;

import java.net.URI;
import java.util.Locale;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.ErrorResponseException;

/** A request that is refused, answered with an RFC 9457 problem document. */
public class Refusal extends ErrorResponseException {
  private static final long serialVersionUID = 1;
  private static final int SECONDS_LATER = 5;

  protected Refusal(HttpStatus status, String type, String title, String detail) {
    super(status, problem(status, type, title, detail), null);
  }

  /** No such thing, or none that this person may know of. */
  public static Refusal notFound() {
    return new Refusal(
        HttpStatus.NOT_FOUND, "not-found", "Not found", "There is nothing here, or not for you.");
  }

  /** The person is not signed in. */
  public static Refusal signedOut(String detail) {
    return new Refusal(HttpStatus.UNAUTHORIZED, "signed-out", "Not signed in", detail);
  }

  /** The person may not do this. */
  public static Refusal forbidden(String detail) {
    return new Refusal(HttpStatus.FORBIDDEN, "forbidden", "Not allowed", detail);
  }

  /** What is asked for takes the password again: it was given too long ago. */
  public static Refusal passwordAgain() {
    return new Refusal(
        HttpStatus.FORBIDDEN,
        "password-again",
        "Password needed",
        "Give your password again first: the last time was too long ago.");
  }

  /**
   * The token that the page sends back is missing or old; the page fetches another and tries again.
   */
  public static Refusal tokenMissing() {
    return new Refusal(
        HttpStatus.FORBIDDEN,
        "token",
        "Token missing",
        "This page is out of date: reload it and try again.");
  }

  /** Tried too often. */
  public static Refusal tooMany() {
    return new Refusal(
        HttpStatus.TOO_MANY_REQUESTS,
        "too-many",
        "Too many tries",
        "That was tried too often from here. Wait a quarter of an hour and try again.");
  }

  /** The database does not answer; trying again in a moment may help. */
  public static Refusal unreachable() {
    return later(
        "unreachable",
        "Records cannot be reached",
        "The records cannot be reached just now. Nothing was saved; what you entered is kept on this"
            + " device. Try again in a moment.");
  }

  /** More is being sent or worked on than the machine holds. */
  public static Refusal busy() {
    return later(
        "busy",
        "Busy",
        "Too much is being sent at once. Nothing was saved; try again in a moment.");
  }

  /** More was sent than is read. */
  public static Refusal tooLarge(String most) {
    return new Refusal(
        HttpStatus.CONTENT_TOO_LARGE,
        "too-large",
        "Too large",
        "What was sent is larger than " + most + ". Nothing was saved.");
  }

  /** What was announced did not arrive. */
  public static Refusal tooSlow() {
    return new Refusal(
        HttpStatus.REQUEST_TIMEOUT,
        "too-slow",
        "Too slow",
        "What was sent did not arrive in time. Nothing was saved; try again.");
  }

  /** A failure that is nobody's doing. */
  static Refusal unexpected() {
    return new Refusal(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "unexpected",
        "Unexpected failure",
        "Something went wrong on our side. Nothing was saved; try again.");
  }

  /** A request that is refused before anything here has seen it. */
  static Refusal of(HttpStatus status) {
    return new Refusal(
        status,
        status.name().toLowerCase(Locale.ROOT).replace('_', '-'),
        status.getReasonPhrase(),
        "That request cannot be answered. Nothing was saved.");
  }

  private static Refusal later(String type, String title, String detail) {
    Refusal refusal = new Refusal(HttpStatus.SERVICE_UNAVAILABLE, type, title, detail);
    refusal.getHeaders().set(HttpHeaders.RETRY_AFTER, Integer.toString(SECONDS_LATER));
    return refusal;
  }

  /** The fact was deleted. */
  public static Refusal gone() {
    return new Refusal(
        HttpStatus.GONE, "gone", "Deleted", "This record was deleted; it can be restored.");
  }

  /** The fact has changed since the client read it. */
  public static Refusal changed(int presentVersion) {
    Refusal refusal =
        new Refusal(
            HttpStatus.PRECONDITION_FAILED,
            "changed",
            "Changed meanwhile",
            "Somebody changed this record meanwhile. Nothing was saved: look at it and try again.");
    refusal.getBody().setProperty("version", presentVersion);
    return refusal;
  }

  /** Neither If-None-Match nor If-Match was sent. */
  public static Refusal noPrecondition() {
    return new Refusal(
        HttpStatus.PRECONDITION_REQUIRED,
        "precondition-required",
        "Precondition required",
        "Send If-None-Match: * to create, or If-Match with the version to correct.");
  }

  private static ProblemDetail problem(
      HttpStatus status, String type, String title, String detail) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
    problem.setType(URI.create("/problems/" + type));
    problem.setTitle(title);
    return problem;
  }
}
