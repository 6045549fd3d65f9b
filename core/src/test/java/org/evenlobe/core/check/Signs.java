package org.evenlobe.core.check;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Answer;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.Lump;
import org.evenlobe.core.record.LumpPlace;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.Onset;
import org.evenlobe.core.record.SeenThing;

/** Signs written as a line of words, such as "redness=2 discharge=2:BROWN seen=TICK_STUCK". */
public final class Signs {
  public static final ZoneId ZONE = ZoneId.of("Europe/Berlin");

  private final Map<String, String> words = new HashMap<>();

  private Signs(String line) {
    for (String word : line.strip().split("\\s+", -1)) {
      if (!word.isEmpty()) {
        String[] pair = word.split("=", 2);
        words.put(pair[0], pair.length == 1 ? "" : pair[1]);
      }
    }
  }

  /** What one ear showed. */
  public static EarFinding ear(String line) {
    Signs signs = new Signs(line);
    String[] discharge = signs.words.getOrDefault("discharge", "0:NONE").split(":", 2);
    Set<SeenThing> seen = EnumSet.noneOf(SeenThing.class);
    signs.value("seen").ifPresent(thing -> seen.add(SeenThing.valueOf(thing)));
    if (signs.has("lump")) {
      seen.add(SeenThing.LUMP);
    }
    return new EarFinding(
        signs.grade("redness"),
        signs.grade("swelling"),
        signs.grade("sores"),
        numbered(discharge[0]),
        DischargeKind.valueOf(discharge[1]),
        signs.value("odour").map(Odour::valueOf).orElse(Odour.NONE),
        signs.grade("pain"),
        seen,
        signs.value("hearing").map(HearingTry::valueOf).orElse(HearingTry.NOT_TRIED),
        signs.value("lump").map(mm -> new Lump(LumpPlace.OPENING, Integer.parseInt(mm))));
  }

  /** What the whole dog showed. */
  public static DogSigns dog(String line) {
    Signs signs = new Signs(line);
    return new DogSigns(
        signs.grade("shaking"),
        signs.grade("scratching"),
        signs.value("pawed").map(Side::valueOf),
        signs.value("onset").map(Onset::valueOf),
        signs.has("headTilt"),
        signs.has("balanceLoss"),
        signs.has("eyesFlicking"),
        signs.has("faceDrooping"),
        signs.has("unwell"),
        signs.has("blowToHead"),
        signs.answer("pawsOrBelly"),
        signs.answer("seedSeason"),
        signs.answer("contacts"));
  }

  /** What is known from before. */
  public static EarBackground before(String line) {
    Signs signs = new Signs(line);
    return new EarBackground(
        signs.grade("tolerated"),
        signs.has("heardBefore"),
        signs.has("deaf"),
        signs.value("eardrum").map(EardrumKnown::valueOf).orElse(EardrumKnown.NOT_KNOWN),
        signs.has("heldByVet"));
  }

  /** A check at noon of a day. */
  public static CheckRecord check(LocalDate day, String right, String left, String dog) {
    return check(day.atTime(LocalTime.NOON).atZone(ZONE).toInstant(), right, left, dog);
  }

  /** A check at an instant. */
  public static CheckRecord check(Instant at, String right, String left, String dog) {
    return new CheckRecord(
        new UUID(2, at.getEpochSecond()),
        Moment.of(at, ZONE),
        new EarPair<>(ear(right), ear(left)),
        dog(dog),
        Optional.empty());
  }

  private Optional<String> value(String name) {
    return Optional.ofNullable(words.get(name));
  }

  private boolean has(String name) {
    return words.containsKey(name);
  }

  private Grade grade(String name) {
    return numbered(words.getOrDefault(name, "0"));
  }

  private Answer answer(String name) {
    return value(name).map(Answer::valueOf).orElse(Answer.NOT_KNOWN);
  }

  private static Grade numbered(String number) {
    for (Grade grade : Grade.values()) {
      if (grade.number() == Integer.parseInt(number)) {
        return grade;
      }
    }
    throw new IllegalArgumentException(number);
  }
}
