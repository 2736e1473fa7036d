package org.dwimble.server.account;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import org.dwimble.core.board.Text;
import org.dwimble.core.board.Unacceptable;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.DatabaseTrouble;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

@Component
public class AccountStore {
    private static final int SHORTEST_PASSWORD = 8;

    private final Database database;
    private final PasswordEncoder encoder;

    AccountStore(Database database, PasswordEncoder encoder) {
        this.database = database;
        this.encoder = encoder;
    }

    /** @throws Unacceptable if the sign-in name is taken or the password is too short */
    public Account create(String signIn, String name, String work, String password, boolean admin) {
        String tidySignIn = Text.tidy(signIn);
        String tidyName = Text.tidy(name);
        if (tidySignIn.isEmpty() || tidyName.isEmpty()) {
            throw new Unacceptable("An account needs a name and a name to sign in with.");
        }
        Text.atMost(60, "A name", tidyName);
        Text.atMost(60, "A name to sign in with", tidySignIn);
        if (password == null || Text.length(password) < SHORTEST_PASSWORD || password.length() > 200) {
            throw new Unacceptable("A password needs at least " + SHORTEST_PASSWORD + " characters.");
        }
        String hash = encoder.encode(password);
        try {
            long id = database.write(session -> session.insert(
                "INSERT INTO account (sign_in, name, work, password, admin) VALUES (?, ?, ?, ?, ?) RETURNING id",
                tidySignIn, tidyName, Text.tidy(work), hash, admin ? 1 : 0));
            return new Account(id, tidySignIn, tidyName, Text.tidy(work), admin);
        } catch (DatabaseTrouble e) {
            if (e.what() == DatabaseTrouble.What.STANDS_TWICE) {
                throw new Unacceptable("Somebody signs in as “" + tidySignIn + "” already. Choose another name to sign in with.");
            }
            throw e;
        }
    }

    public boolean any() {
        return database.read(session -> session.exists("SELECT 1 FROM account"));
    }

    public List<Account> all() {
        return database.read(session -> session.list("SELECT id, sign_in, name, work, admin FROM account ORDER BY name COLLATE NOCASE", AccountStore::account));
    }

    public Optional<Account> bySignIn(@Nullable String signIn) {
        return database.read(session -> session.first("SELECT id, sign_in, name, work, admin FROM account WHERE sign_in = ?", AccountStore::account, signIn == null ? "" : signIn.trim()));
    }

    /** The account if the password is right. Takes as long for a name that nobody has. */
    Optional<Account> signIn(String signIn, String password) {
        Optional<String> hash = database.read(session ->
            session.first("SELECT password FROM account WHERE sign_in = ?", row -> row.getString(1), signIn.trim()));
        boolean right = encoder.matches(password, hash.orElse(nobodysPassword()));
        return right && hash.isPresent() ? bySignIn(signIn) : Optional.empty();
    }

    private volatile String nobody = "";

    private String nobodysPassword() {
        if (nobody.isEmpty()) {
            nobody = encoder.encode("nobody has this password");
        }
        return nobody;
    }

    private static Account account(ResultSet row) throws SQLException {
        return new Account(row.getLong("id"), row.getString("sign_in"), row.getString("name"), row.getString("work"), row.getInt("admin") == 1);
    }
}
