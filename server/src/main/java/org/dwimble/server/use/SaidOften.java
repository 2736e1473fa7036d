package org.dwimble.server.use;

import java.util.Map;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.student.Student;
import org.dwimble.core.use.HowOften;
import org.dwimble.server.account.Account;
import org.dwimble.server.grant.Rights;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** How often a student said words, where it is kept, for those who may look into it. */
@Component
public class SaidOften {
    private final UseStore use;
    private final Rights rights;

    SaidOften(UseStore use, Rights rights) {
        this.use = use;
        this.rights = rights;
    }

    /** By word; empty for those who may not know, and where nothing is kept. @param student null for none */
    public Map<String, HowOften> of(Account account, @Nullable Student student) {
        return student == null || !rights.may(account, Act.LOOK, Thing.student(student.id())) ? Map.of() : use.said(student.id());
    }
}
