package org.dwimble.server.account;

import com.ibm.icu.util.Currency;
import com.ibm.icu.util.LocaleData;
import com.ibm.icu.util.ULocale;
import java.time.ZoneId;
import java.util.Locale;
import org.dwimble.core.dayword.Half;
import org.dwimble.core.number.Money;
import org.dwimble.core.sheet.Paper;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.database.Database;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the school as a whole has chosen. */
@Component
public class School {
    /** Millimetres; of A4 they are 297. */
    private static final int HEIGHT_OF_LETTER = 279;
    private final Database database;
    private final Paper usual;
    private final String usualMoney;
    private volatile @Nullable String money;

    School(Database database, Wording wording) {
        this.database = database;
        usual = usual(wording.spoken());
        usualMoney = usualMoney(wording.spoken());
    }

    static String usualMoney(Locale country) {
        Currency its = country.getCountry().isEmpty() ? null : Currency.getInstance(country);
        return its != null && Money.codes().contains(its.getCurrencyCode()) ? its.getCurrencyCode() : Money.codes().get(0);
    }

    /** ISO 4217 code of what it pays with, and so of what coins are drawn: what its country does (Unicode CLDR), unless it chose. */
    public String money() {
        String known = money;
        if (known == null) {
            known = database.read(session -> session.first("SELECT money FROM school WHERE id = 1 AND money IS NOT NULL", row -> row.getString(1)))
                .orElse(usualMoney);
            money = known;
        }
        return known;
    }

    /** @throws Unacceptable if there are no drawings of it */
    void payWith(String wanted) {
        if (!Money.codes().contains(wanted)) {
            throw new Unacceptable("school-money");
        }
        database.write(session -> session.update("UPDATE school SET money = ? WHERE id = 1", wanted));
        money = wanted;
    }

    /** Where it is: where this machine is, unless it chose. */
    public ZoneId zone() {
        return database.read(session -> session.first("SELECT zone FROM school WHERE id = 1 AND zone IS NOT NULL", row -> row.getString(1)))
            .map(ZoneId::of).orElseGet(ZoneId::systemDefault);
    }

    /** Its half of the earth: that of its time zone, unless it chose. */
    public Half half() {
        return database.read(session -> session.first("SELECT half FROM school WHERE id = 1 AND half IS NOT NULL", row -> row.getString(1)))
            .map(Half::valueOf).orElseGet(() -> Half.of(zone()));
    }

    public void lieIn(ZoneId zone, Half half) {
        database.write(session -> session.update("UPDATE school SET zone = ?, half = ? WHERE id = 1", zone.getId(), half.name()));
    }

    /** @throws Unacceptable if there is no such time zone */
    public static ZoneId zone(String name) {
        if (!ZoneId.getAvailableZoneIds().contains(name)) {
            throw new Unacceptable("no-such-zone", "zone", Text.cut(name, 40));
        }
        return ZoneId.of(name);
    }

    static Paper usual(Locale country) {
        return LocaleData.getPaperSize(ULocale.forLocale(country)).getHeight() == HEIGHT_OF_LETTER ? Paper.LETTER : Paper.A4;
    }

    /** What it prints on: A4, with lengths in millimetres, or Letter, with lengths in inches; as its country does (Unicode CLDR), unless it chose. */
    public Paper paper() {
        return database.read(session -> session.first("SELECT paper FROM school WHERE id = 1 AND paper IS NOT NULL", row -> row.getString(1)))
            .map(Paper::valueOf).orElse(usual);
    }

    /** How much there is of everything that is not deleted; of nothing what it is. */
    public record Numbers(int accounts, int students, int vocabularies, int lists, int pictures) {
    }

    public Numbers numbers() {
        return database.read(session -> session.first("""
            SELECT (SELECT count(*) FROM account), (SELECT count(*) FROM student WHERE deleted_at IS NULL),
                (SELECT count(*) FROM vocabulary v JOIN student s ON s.id = v.student_id AND s.deleted_at IS NULL WHERE v.deleted_at IS NULL),
                (SELECT count(*) FROM word_list WHERE deleted_at IS NULL), (SELECT count(*) FROM collected)""",
            row -> new Numbers(row.getInt(1), row.getInt(2), row.getInt(3), row.getInt(4), row.getInt(5)))).orElseThrow();
    }

    /** @throws Unacceptable if it is neither A4 nor Letter */
    void printOn(Paper paper) {
        if (paper != Paper.A4 && paper != Paper.LETTER) {
            throw new Unacceptable("school-paper");
        }
        database.write(session -> session.update("UPDATE school SET paper = ? WHERE id = 1", paper.name()));
    }
}
