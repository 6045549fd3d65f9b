package org.evenlobe.server.fact;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The shapes that the bodies of a kind have had, from the first to the one of today. A body is kept
 * as it was said, beside the number of its shape, and is never rewritten; where it is read, each
 * step makes the next shape of it.
 *
 * <p>For example {@code FIRST.then(renamed("ear", "picture"))} has two: {@code {"ear": 3}} of shape
 * 1 is read as {@code {"picture": 3}}, and what is said from then on is of shape 2.
 */
public final class Shapes {
  /** Of a kind whose bodies always looked alike. */
  public static final Shapes FIRST = new Shapes(List.of());

  private final List<UnaryOperator<ObjectNode>> steps;

  private Shapes(List<UnaryOperator<ObjectNode>> steps) {
    this.steps = steps;
  }

  /**
   * The same with one more shape.
   *
   * @param step makes it of a copy of the last one
   */
  public Shapes then(UnaryOperator<ObjectNode> step) {
    List<UnaryOperator<ObjectNode>> more = new ArrayList<>(steps);
    more.add(step);
    return new Shapes(List.copyOf(more));
  }

  /** A step in which a field is called otherwise. */
  public static UnaryOperator<ObjectNode> renamed(String before, String now) {
    return body -> {
      if (body.has(before)) {
        body.set(now, body.remove(before));
      }
      return body;
    };
  }

  /** The number of today's. */
  public int today() {
    return steps.size() + 1;
  }

  /** Whether there is a shape of that number. */
  public boolean has(int shape) {
    return shape >= 1 && shape <= today();
  }

  /** A body of some shape, in the shape of today. */
  public JsonNode today(JsonNode body, int shape) {
    if (shape == today() || !(body instanceof ObjectNode said)) {
      return body;
    }
    ObjectNode made = said.deepCopy();
    for (UnaryOperator<ObjectNode> step : steps.subList(shape - 1, steps.size())) {
      made = step.apply(made);
    }
    return made;
  }
}
