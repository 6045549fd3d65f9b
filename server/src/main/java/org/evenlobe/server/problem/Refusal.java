package org.evenlobe.server.problem;

import java.net.URI;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.ErrorResponseException;

/** A request that is refused, answered with an RFC 9457 problem document. */
public class Refusal extends ErrorResponseException {
  private static final long serialVersionUID = 1;

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

  /** Tried too often. */
  public static Refusal tooMany() {
    return new Refusal(
        HttpStatus.TOO_MANY_REQUESTS,
        "too-many",
        "Too many tries",
        "That was tried too often from here. Wait a quarter of an hour and try again.");
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
