package org.dwimble.core.number;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.dwimble.core.board.PictureSets;

/**
 * A number, an amount or a time of which there is a picture.
 *
 * @param sort  what it is a number of
 * @param value as its sort counts it, from {@link Sort#least} to {@link Sort#most}
 * @param unit  of a share, into how many parts the whole is cut; of money, the ISO 4217 code; else empty
 */
public record Numbered(Sort sort, int value, String unit) {
    /** The greatest share of a whole there is a drawing of. */
    static final int MOST_PARTS = 12;
    private static final Pattern ID = Pattern.compile(PictureSets.NUMBER + "/([a-z]+)-(?:([a-z0-9]+)-)?([0-9]{1,6})");

    /** What is counted, and between which bounds. */
    public enum Sort {
        /** A numeral. */
        COUNT(0, 1000),
        /** So many dots. */
        DOTS(0, 20),
        /** The place in a row: first is 1. */
        ORDINAL(1, 1000),
        /** Parts of a whole: of a half 1, of three quarters 3. */
        SHARE(1, MOST_PARTS),
        /** Coins and notes, in the smallest unit: pence, cents. */
        MONEY(1, 100_000),
        /** Minutes after twelve on a clock with hands, which knows no morning. */
        CLOCK(0, 719),
        /** January is 1. */
        MONTH(1, 12),
        /** Full years of somebody. */
        AGE(0, 120),
        /** Of clothes and shoes. */
        SIZE(1, 60);

        final int least;
        final int most;

        Sort(int least, int most) {
            this.least = least;
            this.most = most;
        }
    }

    /** @throws IllegalArgumentException if there is no drawing of it: ask {@link #of} for what may be there */
    public Numbered {
        if (value < sort.least || value > sort.most) {
            throw new IllegalArgumentException(sort + " goes from " + sort.least + " to " + sort.most + ", not to " + value);
        }
        if (sort == Sort.SHARE
            && (!unit.matches("[0-9]{1,2}") || Integer.parseInt(unit) < 2 || Integer.parseInt(unit) > MOST_PARTS || value > Integer.parseInt(unit))) {
            throw new IllegalArgumentException("No share " + value + "/" + unit);
        }
        if (sort == Sort.MONEY && !Coins.has(unit) || sort != Sort.SHARE && sort != Sort.MONEY && !unit.isEmpty()) {
            throw new IllegalArgumentException("No unit " + unit + " of " + sort);
        }
    }

    /** Empty if there is no drawing of it. */
    static Optional<Numbered> of(Sort sort, long value, String unit) {
        try {
            return value != (int) value ? Optional.empty()
                : Optional.of(new Numbered(sort, (int) value, unit)).filter(n -> sort != Sort.MONEY || Coins.fits(n));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    static Optional<Numbered> of(Sort sort, long value) {
        return of(sort, value, "");
    }

    /** The picture of this id; empty if it is none of these. */
    public static Optional<Numbered> byId(String id) {
        Matcher parts = ID.matcher(id);
        if (!parts.matches()) {
            return Optional.empty();
        }
        for (Sort sort : Sort.values()) {
            if (sort.name().toLowerCase(Locale.ROOT).equals(parts.group(1))) {
                String unit = parts.group(2) == null ? "" : parts.group(2).toUpperCase(Locale.ROOT);
                return of(sort, Long.parseLong(parts.group(3)), unit).filter(n -> n.id().equals(id));
            }
        }
        return Optional.empty();
    }

    /** The id of its picture, which lasts: {@code number/count-347}, {@code number/share-4-3}, {@code number/money-gbp-520}. */
    public String id() {
        return PictureSets.NUMBER + "/" + sort.name().toLowerCase(Locale.ROOT) + "-" + (unit.isEmpty() ? "" : unit.toLowerCase(Locale.ROOT) + "-") + value;
    }

    /** What it is called in English, in words. */
    public String name() {
        return switch (sort) {
            case COUNT -> NumberWords.count(value);
            case DOTS -> value == 1 ? "one dot" : NumberWords.count(value) + " dots";
            case ORDINAL -> NumberWords.ordinal(value);
            case SHARE -> NumberWords.share(value, Integer.parseInt(unit));
            case MONEY -> Coins.name(this);
            case CLOCK -> NumberWords.clock(value);
            case MONTH -> NumberWords.MONTHS.get(value - 1);
            case AGE -> value == 1 ? "one year old" : NumberWords.count(value) + " years old";
            case SIZE -> "size " + NumberWords.count(value);
        };
    }

    /** What tells it apart from another that is called the same, such as the cents of two countries; else empty. */
    public String gloss() {
        return sort == Sort.MONEY ? Coins.gloss(this) : "";
    }
}
