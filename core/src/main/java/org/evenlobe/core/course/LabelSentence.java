package org.evenlobe.core.course;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CoursePhase;
import org.evenlobe.core.record.DoseAmount;
import org.evenlobe.core.record.DoseUnit;
import org.evenlobe.core.record.HowOften;

/**
 * The words of a label, understood: "8 drops in the right ear twice a day for 7 days, then once a
 * day for 7 days" is two phases for the right ear. What is not understood is said, never guessed.
 *
 * @param ears into which ears; none where it does not say
 * @param phases what was understood; none where how much, how often or how long is missing
 * @param words the abbreviations, in plain words
 * @param missing what it does not say
 * @param notUnderstood what nobody understood, as it stands
 */
public record LabelSentence(
    Set<Side> ears,
    List<CoursePhase> phases,
    List<LabelWord> words,
    List<String> missing,
    List<String> notUnderstood) {
  /** The longest that is read. */
  public static final int MOST_CHARACTERS = 500;

  /** More than that at a time is a slip of the pen. */
  private static final double MOST_OF_A_DOSE = 200;

  private static final int HOURS = 24;
  private static final int DAYS_IN_A_WEEK = 7;
  private static final LocalTime BEDTIME = LocalTime.of(22, 0);

  private static final List<String> NUMBERS =
      List.of(
          "zero",
          "one",
          "two",
          "three",
          "four",
          "five",
          "six",
          "seven",
          "eight",
          "nine",
          "ten",
          "eleven",
          "twelve",
          "thirteen",
          "fourteen");

  private static final String NUMBER = "(\\d{1,4}(?:[.,]\\d{1,3})?|\\d{1,2}/[1-9]\\d?)";
  private static final String RANGE = NUMBER + "(?:\\s*(?:-|–|to|or)\\s*" + NUMBER + ")?";

  private static final Pattern AMOUNT =
      word(
          RANGE
              + "\\s*(drops?|ml|millilit(?:re|er)s?|pump strokes?|pumps?|strokes?|tablets?"
              + "|capsules?|pills?|strips?|squeezes?)");
  private static final Pattern LOOSE =
      word("(?:an?)\\s+(?:small )?(drop|strip|squeeze|tablet|pump)");
  private static final Pattern HALF = word("(half|quarter) (?:an? |of an? )?(tablet|pill)");
  private static final Pattern EARS =
      word(
          "(?:(?:in|into|to)\\s+)?(?:the\\s+|each\\s+|its\\s+)?"
              + "(right|left|both|each|right and left|left and right)\\s+ears?");
  private static final Pattern EACH_EAR =
      word("(?:in|into|to|per)\\s+(?:each|both|every)\\s+ears?");
  private static final Pattern TIMES =
      word(
          "(once|twice|\\d{1,3}\\s*(?:times|x)|thrice)\\s*(?:an?|per|each|every|/)?\\s*"
              + "(?:day|daily|24 hours)");
  private static final Pattern WEEKLY =
      word("(?:once (?:an?|per|each|every) week|once weekly|weekly|every week)");
  private static final Pattern EVERY_HOURS = word("every\\s+(\\d{1,3})\\s*(?:hours|hrs?|h)");
  private static final Pattern EVERY_DAYS = word("every\\s+(\\d{1,4})\\s*days");
  private static final Pattern OTHER_DAY =
      word("every (?:other|second) day|(?:on )?alternate days");
  private static final Pattern DAY_TIMES =
      word(
          "(?:every|each|in the|at)?\\s*(morning|evening|night|bedtime)"
              + "(?:\\s*(?:and|&)\\s*(?:every|each|in the|at)?\\s*(evening|night|bedtime))?");
  private static final Pattern DAILY = word("(?:every day|each day|daily|a day|per day)");
  private static final Pattern LENGTH =
      word(
          "(?:for\\s+(?:another\\s+|a further\\s+|the next\\s+|up to\\s+)?|x\\s*)"
              + RANGE
              + "\\s*(days?|weeks?|nights?|doses?)");
  private static final Pattern OPEN =
      word(
          "(?:until|till|til)\\s+(?:it is |the ear is |it's )?"
              + "(?:clear|gone|better|the recheck|recheck|the next visit|seen again|further notice|told"
              + " otherwise)");
  private static final Pattern ONE_TIME = word("1 time only|single dose|1 dose|once only");

  private static final Pattern NOT =
      word("not|no|never|avoid|except|without|neither|nor|don['’]?t|stop");

  private static final Pattern THEN =
      Pattern.compile("(?:,|;|\\.)?\\s*\\b(?:and then|then|followed by|after that)\\b|;");

  private static final Set<String> FILLERS =
      Set.of(
          "apply",
          "give",
          "put",
          "place",
          "instil",
          "instill",
          "use",
          "squeeze",
          "dose",
          "of",
          "the",
          "a",
          "an",
          "in",
          "into",
          "to",
          "and",
          "at",
          "its",
          "dog",
          "medicine",
          "medication",
          "solution",
          "ointment",
          "gel",
          "suspension",
          "ear",
          "ears",
          "canal",
          "by",
          "mouth",
          "with",
          "food",
          "shake",
          "well",
          "before",
          "orally",
          "only",
          "please",
          "it");

  public LabelSentence {
    EnumSet<Side> sides = EnumSet.noneOf(Side.class);
    sides.addAll(ears);
    ears = Collections.unmodifiableSet(sides);
    phases = List.copyOf(phases);
    words = List.copyOf(words);
    missing = List.copyOf(missing);
    notUnderstood = List.copyOf(notUnderstood);
  }

  private static Pattern word(String regex) {
    return Pattern.compile("(?<![\\w.,/])(?:" + regex + ")(?!\\w)");
  }

  /** Whether all of it was understood and nothing is missing. */
  public boolean isWhole() {
    return missing.isEmpty() && notUnderstood.isEmpty();
  }

  /**
   * What a label says.
   *
   * @throws IllegalArgumentException if it is longer than a label
   */
  public static LabelSentence of(String said) {
    if (said.length() > MOST_CHARACTERS) {
      throw new IllegalArgumentException("longer than a label");
    }
    List<LabelWord> words = new ArrayList<>();
    String text = numbers(LabelWord.plain(said, words).toLowerCase(Locale.ROOT));
    Reading reading = new Reading();
    for (String clause : THEN.split(text, -1)) {
      reading.clause(clause);
    }
    return reading.done(words);
  }

  private static String numbers(String text) {
    String digits = text;
    for (int i = 0; i < NUMBERS.size(); i++) {
      digits = digits.replaceAll("\\b" + NUMBERS.get(i) + "\\b", Integer.toString(i));
    }
    return digits.replaceAll("\\b1 (day|hour)\\b(?! *(?:and|,))", "1 $1");
  }

  /** One clause after the other; what a later one leaves out is as before. */
  private static final class Reading {
    private final EnumSet<Side> ears = EnumSet.noneOf(Side.class);
    private final List<CoursePhase> phases = new ArrayList<>();
    private final List<String> missing = new ArrayList<>();
    private final List<String> notUnderstood = new ArrayList<>();
    private Optional<DoseAmount> amount = Optional.empty();
    private Optional<Rhythm> rhythm = Optional.empty();
    private String rest = "";

    /** Stands where something was understood. */
    private static final String TAKEN = " | ";

    private record Rhythm(List<LocalTime> times, int everyDays) {}

    private record Length(Optional<Integer> days, Optional<Integer> most) {}

    private static final Length A_DAY = new Length(Optional.of(1), Optional.empty());

    void clause(String text) {
      rest = text.strip();
      if (rest.isEmpty()) {
        return;
      }
      if (NOT.matcher(rest).find()) {
        // what is not to be done is never taken for what is
        notUnderstood.add(rest);
        return;
      }
      EnumSet<Side> named = EnumSet.noneOf(Side.class);
      one(EACH_EAR, match -> EnumSet.allOf(Side.class)).ifPresent(named::addAll);
      all(EARS, match -> sides(match.group(1))).forEach(named::addAll);
      if (!ears.isEmpty() && !named.isEmpty() && !ears.equals(named)) {
        notUnderstood.add("another ear in a later part: write a course for each ear");
      }
      ears.addAll(named);
      Optional<DoseAmount> said =
          one(AMOUNT, Reading::amount)
              .or(() -> one(HALF, match -> Optional.of(half(match))))
              .or(() -> one(LOOSE, match -> Optional.of(amount(1, 1, match.group(1)))))
              .flatMap(found -> found);
      amount = said.or(() -> amount);
      Optional<Length> length =
          one(OPEN, match -> Optional.of(new Length(Optional.empty(), Optional.empty())))
              .or(() -> one(LENGTH, Reading::length))
              .or(() -> one(ONE_TIME, match -> Optional.of(A_DAY)))
              .flatMap(found -> found);
      boolean once = length.equals(Optional.of(A_DAY));
      Optional<Rhythm> often = rhythm().or(() -> once ? every(1) : Optional.empty());
      rhythm = often.or(() -> rhythm);
      if (said.isEmpty() && often.isEmpty() && length.isEmpty()) {
        notUnderstood.add(text.strip());
        return;
      }
      leftover();
      add(length);
    }

    private void add(Optional<Length> length) {
      need(amount.isPresent(), "how much is given");
      need(rhythm.isPresent(), "how often");
      need(length.isPresent(), "for how long");
      if (amount.isPresent() && rhythm.isPresent() && length.isPresent()) {
        phases.add(
            new CoursePhase(
                amount.get(),
                rhythm.get().times(),
                rhythm.get().everyDays(),
                length.get().days(),
                length.get().most(),
                false));
      }
    }

    private void need(boolean holds, String what) {
      if (!holds && !missing.contains(what)) {
        missing.add(what);
      }
    }

    /** The first way that is said; where that cannot be, no other is tried. */
    private Optional<Rhythm> rhythm() {
      return one(OTHER_DAY, match -> every(2))
          .or(() -> one(WEEKLY, match -> every(DAYS_IN_A_WEEK)))
          .or(() -> one(EVERY_DAYS, match -> every(number(match.group(1)))))
          .or(() -> one(EVERY_HOURS, match -> hours(match.group(1))))
          .or(() -> one(TIMES, match -> times(match.group(1)).map(this::atHours)))
          .or(() -> one(DAY_TIMES, match -> Optional.of(dayTimes(match))))
          .or(() -> one(DAILY, match -> every(1)))
          .flatMap(found -> found);
    }

    /** "once a day in the evening": where the hours are said too, they count. */
    private Rhythm atHours(Rhythm counted) {
      return one(DAY_TIMES, Reading::dayTimes)
          .filter(named -> named.times().size() == counted.times().size())
          .orElse(counted);
    }

    private static Optional<Rhythm> every(double days) {
      return days >= 1 && days <= HowOften.MOST_DAYS
          ? Optional.of(new Rhythm(List.of(HowOften.MORNING), (int) days))
          : Optional.empty();
    }

    private static Optional<Rhythm> hours(String said) {
      int hours = Integer.parseInt(said);
      if (hours == 0 || HOURS % hours != 0) {
        return Optional.empty();
      }
      List<LocalTime> times = new ArrayList<>();
      for (int at = HowOften.MORNING.getHour() % hours; at < HOURS; at += hours) {
        times.add(LocalTime.of(at, 0));
      }
      return Optional.of(new Rhythm(times, 1));
    }

    private static Optional<Rhythm> times(String said) {
      int times =
          switch (said) {
            case "once" -> 1;
            case "twice" -> 2;
            case "thrice" -> 3;
            default -> Integer.parseInt(said.replaceAll("\\D", ""));
          };
      if (times < 1 || times > HowOften.MOST_TIMES) {
        return Optional.empty();
      }
      List<LocalTime> hours = HowOften.timesADay(times).hours();
      return Optional.of(new Rhythm(hours.isEmpty() ? List.of(HowOften.MORNING) : hours, 1));
    }

    private static Rhythm dayTimes(MatchResult match) {
      List<LocalTime> times = new ArrayList<>();
      times.add(time(match.group(1)));
      if (match.group(2) != null) {
        times.add(time(match.group(2)));
      }
      return new Rhythm(times, 1);
    }

    private static LocalTime time(String said) {
      return switch (said) {
        case "morning" -> HowOften.MORNING;
        case "bedtime" -> BEDTIME;
        default -> HowOften.EVENING;
      };
    }

    private static Set<Side> sides(String said) {
      return switch (said) {
        case "right" -> EnumSet.of(Side.RIGHT);
        case "left" -> EnumSet.of(Side.LEFT);
        default -> EnumSet.allOf(Side.class);
      };
    }

    private static Optional<DoseAmount> amount(MatchResult match) {
      double least = number(match.group(1));
      double most = match.group(2) == null ? least : number(match.group(2));
      return least > 0 && most >= least && most <= MOST_OF_A_DOSE
          ? Optional.of(amount(least, most, match.group(3)))
          : Optional.empty();
    }

    private static DoseAmount half(MatchResult match) {
      double part = match.group(1).equals("half") ? 1.0 / 2 : 1.0 / 4;
      return amount(part, part, match.group(2));
    }

    private static DoseAmount amount(double least, double most, String unit) {
      DoseUnit in =
          unit.startsWith("drop")
              ? DoseUnit.DROP
              : unit.startsWith("ml") || unit.startsWith("mill")
                  ? DoseUnit.MILLILITRE
                  : unit.startsWith("pump") || unit.startsWith("stroke")
                      ? DoseUnit.STROKE
                      : unit.startsWith("strip")
                          ? DoseUnit.STRIP
                          : unit.startsWith("squeeze") ? DoseUnit.SQUEEZE : DoseUnit.TABLET;
      return new DoseAmount(least, most, in);
    }

    private static Optional<Length> length(MatchResult match) {
      if (match.group(3).startsWith("dose")) {
        return Optional.empty();
      }
      int unit = match.group(3).startsWith("week") ? DAYS_IN_A_WEEK : 1;
      int least = (int) (number(match.group(1)) * unit);
      Optional<Integer> most =
          Optional.ofNullable(match.group(2)).map(said -> (int) (number(said) * unit));
      return least < 1 || least > HowOften.MOST_DAYS || most.filter(n -> n <= least).isPresent()
          ? Optional.empty()
          : Optional.of(new Length(Optional.of(least), most));
    }

    private static double number(String said) {
      String[] parts = said.split("/", -1);
      double first = Double.parseDouble(parts[0].replace(',', '.'));
      return parts.length == 1 ? first : first / Double.parseDouble(parts[1]);
    }

    /** The first match, which is taken out of what is left to understand. */
    private <T> Optional<T> one(Pattern pattern, Function<MatchResult, T> read) {
      Matcher matcher = pattern.matcher(rest);
      if (!matcher.find()) {
        return Optional.empty();
      }
      T found = read.apply(matcher.toMatchResult());
      if (found.equals(Optional.empty())) {
        return Optional.of(found);
      }
      rest = rest.substring(0, matcher.start()) + TAKEN + rest.substring(matcher.end());
      return Optional.of(found);
    }

    private <T> List<T> all(Pattern pattern, Function<MatchResult, T> read) {
      List<T> found = new ArrayList<>();
      for (Optional<T> next = one(pattern, read); next.isPresent(); next = one(pattern, read)) {
        found.add(next.get());
      }
      return found;
    }

    /** What stands between what was understood, without the small words around it. */
    private void leftover() {
      for (String between : rest.split("\\|", -1)) {
        List<String> words = new ArrayList<>(List.of(between.strip().split("[\\s,.:()]+", -1)));
        words.removeIf(String::isEmpty);
        while (!words.isEmpty() && FILLERS.contains(words.get(0))) {
          words.remove(0);
        }
        while (!words.isEmpty() && FILLERS.contains(words.get(words.size() - 1))) {
          words.remove(words.size() - 1);
        }
        if (!words.isEmpty()) {
          notUnderstood.add(String.join(" ", words));
        }
      }
    }

    LabelSentence done(List<LabelWord> words) {
      if (phases.isEmpty()) {
        need(amount.isPresent(), "how much is given");
        need(rhythm.isPresent(), "how often");
        need(!missing.isEmpty(), "for how long");
      }
      boolean tablet = amount.filter(one -> one.unit() == DoseUnit.TABLET).isPresent();
      need(tablet || !ears.isEmpty(), "which ear");
      return new LabelSentence(
          ears, missing.isEmpty() ? phases : List.of(), words, missing, notUnderstood);
    }
  }
}
