package org.dwimble.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.time.Instant;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;

/** A therapist at her browser, with one student who has boards; nothing may go wrong on the page unnoticed. */
@ExtendWith({TestServer.class, Browser.class})
abstract class SignedIn {
    final Account odile = TestServer.account("Odile");
    final Http http = Http.as(odile);
    final Student ilse = TestServer.student("Ilse", odile);
    /** Ilse's vocabulary. */
    final long id;
    Browser.Window w;
    Page page;

    SignedIn(String starter) {
        this(starter, Instant.now());
    }

    /** @param copied when her vocabulary was made */
    SignedIn(String starter, Instant copied) {
        id = TestServer.copy(starter, ilse, odile, copied);
    }

    @BeforeEach
    void open() {
        w = new Browser.Window().as(http);
        page = w.page;
    }

    @AfterEach
    void close() {
        assertThat(w.errors).isEmpty();
        w.close();
    }
}
