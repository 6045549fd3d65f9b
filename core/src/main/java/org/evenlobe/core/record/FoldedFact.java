package org.evenlobe.core.record;

/**
 * A fact that moves what is known of an ear or a dog, in the order of time: a hold, the trust, what
 * is wet.
 */
public sealed interface FoldedFact extends Dated
    permits Answered,
        CheckRecord,
        CleaningRecord,
        Course,
        CourseEnd,
        Exposure,
        Giving,
        HoldRelease,
        LightLook,
        Practice,
        Told,
        VisitRecord {

  /** Hands itself to the lines that it moves. */
  void moves(Lines lines);

  /** What takes each of them. */
  interface Lines {
    /** Takes a look at both ears. */
    void take(CheckRecord check);

    /** Takes a cleaning. */
    void take(CleaningRecord cleaning);

    /** Takes what wetted the ears. */
    void take(Exposure exposure);

    /** Takes a visit to the vet. */
    void take(VisitRecord visit);

    /** Takes a practice on the ladder. */
    void take(Practice practice);

    /** Takes the word that a hold is over. */
    void take(HoldRelease release);

    /** Takes a light look. */
    void take(LightLook look);

    /** Takes what somebody told who had the dog. */
    void take(Told told);

    /** Takes an answer. */
    void take(Answered answered);

    /** Takes a course of medicine. */
    void take(Course course);

    /** Takes a dose. */
    void take(Giving giving);

    /** Takes the end of a course. */
    void take(CourseEnd end);
  }
}
