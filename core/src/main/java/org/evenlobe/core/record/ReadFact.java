package org.evenlobe.core.record;

/** A fact that moves no line of an ear or a dog: it is read where it is asked for. */
public sealed interface ReadFact extends Dated
    permits Appointment,
        DietSlip,
        DietStep,
        DietTrial,
        Drying,
        ExpectedExposure,
        HairDone,
        OwnCourse,
        Photo,
        Pin,
        Reaction,
        SeedLook,
        Skip,
        StruckDay,
        TriggerSaid {}
