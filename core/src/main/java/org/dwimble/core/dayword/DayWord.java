package org.dwimble.core.dayword;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A word that depends on the day or the hour. */
public enum DayWord {
    /** The day of the week. */
    TODAY("today"), YESTERDAY("yesterday"), TOMORROW("tomorrow"),
    /** With the day of the week and the year. */
    DATE("date"),
    /** Day and month alone. */
    SHORT_DATE("short-date"),
    MONTH("month"), SEASON("season"), YEAR("year"),
    /** Of the student, in whole years. */
    AGE("age"),
    PART_OF_DAY("part-of-day"), TIME("time"),
    /** The next of the student's own days, and how long it is until then. */
    NEXT("next"),
    /** Days of the week of which one is today; which, goes by the date. */
    CHOICE_1("choice-1"), CHOICE_2("choice-2"), CHOICE_3("choice-3"),
    /** The days of this week in the order of the language; today is marked. */
    WEEKDAY_1("weekday-1"), WEEKDAY_2("weekday-2"), WEEKDAY_3("weekday-3"), WEEKDAY_4("weekday-4"), WEEKDAY_5("weekday-5"), WEEKDAY_6("weekday-6"),
    WEEKDAY_7("weekday-7");

    static final List<DayWord> CHOICES = List.of(CHOICE_1, CHOICE_2, CHOICE_3);
    static final List<DayWord> WEEK = List.of(WEEKDAY_1, WEEKDAY_2, WEEKDAY_3, WEEKDAY_4, WEEKDAY_5, WEEKDAY_6, WEEKDAY_7);
    private final String word;

    DayWord(String word) {
        this.word = word;
    }

    /** The word by which documents and packages know it; it is never changed. */
    public String word() {
        return word;
    }

    /** Empty if it is none that this release knows. */
    public static Optional<DayWord> of(String word) {
        return Stream.of(values()).filter(w -> w.word.equals(word)).findFirst();
    }

    /** Whether it is one of three of which one is right. */
    public boolean isChosen() {
        return CHOICES.contains(this);
    }

    /** Whether it tells something of the student that the boards do not. */
    public boolean isOfStudent() {
        return this == AGE || this == NEXT;
    }
}
