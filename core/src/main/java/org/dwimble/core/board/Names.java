package org.dwimble.core.board;

import com.ibm.icu.text.CollationKey;
import com.ibm.icu.text.Collator;
import com.ibm.icu.text.Normalizer2;
import com.ibm.icu.util.ULocale;
import java.util.Comparator;

/** The order in which people look names up: by the collation rules of Unicode (CLDR root), so that Åse is near Asa. */
public final class Names {
    private static final Collator ORDER = Collator.getInstance(ULocale.ROOT).freeze();

    private Names() {
    }

    /** The same for names that differ in capitals or in how a letter is encoded: NFKC with case folding (Unicode 5.18). */
    public static String folded(String name) {
        return Normalizer2.getNFKCCasefoldInstance().normalize(name);
    }

    /** What a name is ordered by, for who orders many again and again. */
    public static CollationKey key(String name) {
        return ORDER.getCollationKey(name);
    }

    /** Names that differ in a capital alone are in a fixed order too; equal texts are equal. */
    public static Comparator<String> order() {
        return ((Comparator<String>) ORDER::compare).thenComparing(Comparator.naturalOrder());
    }
}
