package org.evenlobe.core.plan.item;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Answered;
import org.evenlobe.core.record.Pin;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Something planned for a day.
 *
 * @param id what it is, whatever day it moves to
 * @param kind what is to be done
 * @param ears of which ears
 * @param hour about which hour, where it is one of several on a day
 * @param window when; its best day is where a person or the evening out of a week put it
 * @param own the window that the rules give it, which no person's word widens
 * @param standing where today stands against the window
 * @param pressing whether it goes before everything else: a vet is to see the dog
 * @param fixedBy who fixed its day
 * @param pins the words of a person that put it on a day, by their ids
 * @param reasons why that day, and the caution that goes with it
 * @param asks what is asked, where it is a question that is answered by yes or no
 */
public record PlanItem(
    Id id,
    Kind kind,
    List<Side> ears,
    Optional<LocalTime> hour,
    Window window,
    Window own,
    Standing standing,
    boolean pressing,
    FixedBy fixedBy,
    List<UUID> pins,
    List<Reason> reasons,
    Optional<Asks> asks) {
  /**
   * What is asked.
   *
   * @param question the question
   * @param about the fact that it is asked about; none of a question about the dog
   * @param ear of which ear, where it is of one
   */
  public record Asks(Answered.Question question, Optional<UUID> about, Optional<Side> ear) {}

  /** How what is asked before a dose is numbered. */
  public static final String BEFORE_A_DOSE = "DOSE-";

  /** How far ahead is planned. */
  public static final int HORIZON_DAYS = 60;

  /**
   * What a planned item is, whatever day it moves to: the dog, the kind, and of each thing that is
   * done with it the fact that it counts from and the how-manieth since. It stands while those
   * facts stand.
   *
   * <p>A cleaning of both ears has one origin for each, the right ear's first, whichever ear sets
   * the day; so what is said of it holds for both, also once they come up on days of their own. As
   * text, for example {@code 7f…:CLEAN:RIGHT:3c…:0:LEFT:3c…:0}.
   *
   * @param dog whose
   * @param kind what is to be done
   * @param origins what it counts from, one at least
   */
  public record Id(UUID dog, Kind kind, List<Origin> origins) {
    private static final String SEPARATOR = ":";

    /**
     * What one part of an item counts from.
     *
     * @param ear the ear that is cleaned; empty where a kind is not of single ears
     * @param from the fact's id, or the day
     * @param ordinal how many of its kind lie between that and it, or which of several it is; empty
     *     where there is but one
     */
    public record Origin(Optional<Side> ear, String from, String ordinal) {
      static Origin of(Object from, Object ordinal) {
        return new Origin(Optional.empty(), from.toString(), ordinal.toString());
      }

      public static Origin of(Side ear, UUID fact, int ordinal) {
        return new Origin(Optional.of(ear), fact.toString(), Integer.toString(ordinal));
      }

      private String text() {
        String start = ear.map(side -> side.name() + SEPARATOR).orElse("");
        return start + from + (ordinal.isEmpty() ? "" : SEPARATOR + ordinal);
      }
    }

    public Id {
      origins = List.copyOf(origins);
    }

    /** Of something that counts from one fact or day. */
    public static Id of(UUID dog, Kind kind, Object from, Object ordinal) {
      return new Id(dog, kind, List.of(Origin.of(from, ordinal)));
    }

    /** Of the one thing of a day. */
    public static Id ofDay(UUID dog, Kind kind, Object day) {
      return of(dog, kind, day, "");
    }

    /** Whether something said of that id is said of a part of this one. */
    public boolean shares(Id other) {
      return dog.equals(other.dog)
          && kind == other.kind
          && origins.stream().anyMatch(other.origins::contains);
    }

    /** Whether it counts from that fact. */
    public boolean countsFrom(UUID fact) {
      return origins.stream().anyMatch(origin -> origin.from().equals(fact.toString()));
    }

    /**
     * Reads what {@link #toString} wrote; of a cleaning of both ears also the one that once stood
     * for both.
     *
     * @throws IllegalArgumentException if it is no id of a planned item
     */
    public static Id parse(String text) {
      String[] parts = text.split(SEPARATOR, -1);
      if (parts.length < 3) {
        throw new IllegalArgumentException("no id of a planned item: " + text);
      }
      UUID dog = UUID.fromString(parts[0]);
      Kind kind = Kind.valueOf(parts[1]);
      List<String> rest = List.of(parts).subList(2, parts.length);
      return new Id(dog, kind, kind == Kind.CLEAN ? ofEars(rest) : List.of(ofOne(rest)));
    }

    private static List<Origin> ofEars(List<String> parts) {
      List<Origin> origins = new ArrayList<>();
      for (int at = 0; at < parts.size(); at += 3) {
        if (at + 3 > parts.size()) {
          throw new IllegalArgumentException("an ear has a fact and a number");
        }
        origins.add(
            Origin.of(
                Side.valueOf(parts.get(at)),
                UUID.fromString(parts.get(at + 1)),
                Integer.parseInt(parts.get(at + 2))));
      }
      return origins;
    }

    private static Origin ofOne(List<String> parts) {
      if (parts.size() > 2) {
        throw new IllegalArgumentException("a fact and a number");
      }
      return Origin.of(parts.get(0), parts.size() == 2 ? parts.get(1) : "");
    }

    @Override
    public String toString() {
      return origins.stream()
          .map(Origin::text)
          .collect(Collectors.joining(SEPARATOR, dog + SEPARATOR + kind + SEPARATOR, ""));
    }
  }

  /** What is to be done; of two things for one day, the upper one first. */
  public enum Kind {
    /** Have the ears seen by a vet: only a visit on record ends it. */
    VISIT(May.STAY),
    /** Answer what is open, or ask a vet: only the answer ends it. */
    ASK(May.STAY),
    /** Dry the ears that got wet. */
    DRY(May.BE_LEFT_OUT),
    /** Look for seeds after a day out. */
    SEEDS(May.BE_LEFT_OUT),
    /** Look, sniff and feel, both ears. */
    CHECK(May.BE_MOVED_OR_LEFT_OUT),
    /** A light look, as one takes each day under a vet's care: better or worse? */
    LOOK(May.BE_LEFT_OUT),
    /** The same, because trouble may follow what happened a while ago. */
    WATCH(May.BE_LEFT_OUT),
    /** Clean the ears that the item names. */
    CLEAN(May.BE_MOVED_OR_LEFT_OUT),
    /** See to the hair of the ears. */
    HAIR(May.BE_MOVED_OR_LEFT_OUT),
    /** Say how a diet trial goes on: only that ends it. */
    DIET(May.STAY),
    /** Talk with a vet about the cause of what comes back: only the talk ends it. */
    TALK(May.STAY),
    /** Practise with a dog that does not like to have its ears handled. */
    PRACTICE(May.BE_LEFT_OUT);

    /** What a person may do with it. */
    private enum May {
      STAY,
      BE_LEFT_OUT,
      BE_MOVED_OR_LEFT_OUT
    }

    private final May may;

    Kind(May may) {
      this.may = may;
    }

    /** Whether it is a look at both ears. */
    public boolean isLook() {
      return this == CHECK || this == WATCH;
    }

    /** Whether a person may put it on another day; the others have theirs from what happened. */
    public boolean isMovable() {
      return may == May.BE_MOVED_OR_LEFT_OUT;
    }

    /** Whether a person may leave it out. */
    public boolean isSkippable() {
      return may != May.STAY;
    }
  }

  /** Who fixed the day of an item, so that evening out a week leaves it alone. */
  public enum FixedBy {
    /** The rules gave it a day, and another one in its window is as good. */
    NOBODY,
    /** A person put it there. */
    PERSON,
    /** A vet said so. */
    VET
  }

  /** As the rules lay it. */
  public static PlanItem of(
      Id id, List<Side> ears, Window window, LocalDate today, List<Reason> reasons) {
    return new PlanItem(
        id,
        id.kind(),
        ears,
        Optional.empty(),
        window,
        window,
        Standing.of(window, today),
        false,
        FixedBy.NOBODY,
        List.of(),
        reasons,
        Optional.empty());
  }

  /** One that a vet ordered for a day, and about which hour. */
  public static PlanItem ordered(
      Id id,
      List<Side> ears,
      Optional<LocalTime> hour,
      Window window,
      LocalDate today,
      List<Reason> reasons) {
    return new PlanItem(
        id,
        id.kind(),
        ears,
        hour,
        window,
        window,
        Standing.of(window, today),
        false,
        FixedBy.VET,
        List.of(),
        reasons,
        Optional.empty());
  }

  /** The same, as a question. */
  public PlanItem asking(Asks question) {
    return new PlanItem(
        id,
        kind,
        ears,
        hour,
        window,
        own,
        standing,
        pressing,
        fixedBy,
        pins,
        reasons,
        Optional.of(question));
  }

  /** The same, before everything else. */
  public PlanItem asPressing() {
    return new PlanItem(
        id, kind, ears, hour, window, own, standing, true, fixedBy, pins, reasons, asks);
  }

  /** The same, where a person put it. */
  public PlanItem putBy(Pin pin, List<UUID> pins, LocalDate today) {
    PlanItem moved = placedOn(pin.on(), pinned(pin), today);
    return new PlanItem(
        id,
        kind,
        ears,
        hour,
        moved.window,
        own,
        moved.standing,
        pressing,
        FixedBy.PERSON,
        pins,
        moved.reasons,
        asks);
  }

  public static Reason pinned(Pin pin) {
    return Reason.of(
        Rule.PLAN_PINNED,
        pin.reason()
            .map(why -> "You put it on %s: “%s”.".formatted(Quantities.day(pin.on()), why))
            .orElse("You put it on %s.".formatted(Quantities.day(pin.on()))));
  }

  /** Earliest best day first; of one day, what presses first, then by kind. */
  public static List<PlanItem> inOrder(Collection<PlanItem> items) {
    return items.stream()
        .sorted(
            Comparator.comparing((PlanItem item) -> item.window().best())
                .thenComparing(PlanItem::kind)
                .thenComparing(item -> item.hour().orElse(LocalTime.MIN))
                .thenComparing(item -> item.id().toString()))
        .toList();
  }

  /** The same on another day. */
  public PlanItem placedOn(LocalDate day, Reason why, LocalDate today) {
    Window placed = window.with(day);
    List<Reason> more = new ArrayList<>(reasons);
    more.add(0, why);
    return new PlanItem(
        id,
        kind,
        ears,
        hour,
        placed,
        own,
        Standing.of(placed, today),
        pressing,
        fixedBy,
        pins,
        more,
        asks);
  }

  public PlanItem {
    ears = List.copyOf(ears);
    pins = List.copyOf(pins);
    reasons = List.copyOf(reasons);
  }

  /** Of what is asked about a course: whether no dose is given before that. */
  public boolean comesBeforeADose() {
    return id.origins().stream().anyMatch(origin -> origin.ordinal().startsWith(BEFORE_A_DOSE));
  }

  /** Whose it is. */
  public UUID dog() {
    return id.dog();
  }
}
