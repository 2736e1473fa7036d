package org.dwimble.server.account;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.dwimble.core.board.Names;
import org.dwimble.core.grant.Grant;
import org.dwimble.core.grant.Role;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.grant.Who;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.DatabaseTrouble;
import org.dwimble.server.grant.GrantTable;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

@Component
public class AccountStore {
    private static final int SHORTEST_PASSWORD = 8;
    private static final int LONGEST_PASSWORD = 1_000;

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
            throw new Unacceptable("account-without-name");
        }
        Text.atMost(60, "person_name", tidyName);
        Text.atMost(60, "sign_in", tidySignIn);
        Text.atMost(80, "person_work", Text.tidy(work));
        if (password == null || Text.length(password) < SHORTEST_PASSWORD) {
            throw new Unacceptable("password-short", "least", SHORTEST_PASSWORD);
        }
        if (password.length() > LONGEST_PASSWORD) {
            throw new Unacceptable("password-long", "most", LONGEST_PASSWORD);
        }
        String hash = encoder.encode(password);
        try {
            long id = database.write(session -> {
                long made = session.insert("INSERT INTO account (sign_in, sign_in_folded, name, work, password) VALUES (?, ?, ?, ?, ?) RETURNING id",
                    tidySignIn, Names.folded(tidySignIn), tidyName, Text.tidy(work), hash);
                if (admin) {
                    GrantTable.give(session, new Grant(new Who.Person(made), Role.KEEPER, Thing.SCHOOL));
                }
                return made;
            });
            return new Account(id, tidySignIn, tidyName, Text.tidy(work), admin);
        } catch (DatabaseTrouble e) {
            if (e.what() == DatabaseTrouble.What.STANDS_TWICE) {
                throw new Unacceptable("sign-in-taken", "name", tidySignIn);
            }
            throw e;
        }
    }

    private static final String ACCOUNT = "SELECT id, sign_in, name, work, " + GrantTable.KEEPS + " AS admin FROM account";

    /** By the name as it was given, else by the same name in other capitals. */
    private static final String SIGNS_IN = " WHERE sign_in = ? OR sign_in_folded = ? ORDER BY sign_in = ? DESC LIMIT 1";

    private static Object[] signIn(@Nullable String signIn) {
        String tidy = Text.tidy(signIn);
        return new Object[] {tidy, Names.folded(tidy), tidy};
    }

    /**
     * Lets somebody look after the school's accounts, or no longer.
     *
     * @return false if nobody would be left who does; then nothing changes
     */
    boolean keeps(Account account, boolean keeps) {
        return database.write(session -> {
            Grant keeper = new Grant(new Who.Person(account.id()), Role.KEEPER, Thing.SCHOOL);
            if (keeps) {
                GrantTable.give(session, keeper);
                return true;
            }
            List<Grant> keepers = GrantTable.of(session, Thing.SCHOOL);
            if (keepers.equals(List.of(keeper))) {
                return false;
            }
            GrantTable.takeAway(session, keeper.who(), Thing.SCHOOL);
            return true;
        });
    }

    public boolean any() {
        return database.read(session -> session.exists("SELECT 1 FROM account"));
    }

    public List<Account> all() {
        return database.read(session -> session.list(ACCOUNT, AccountStore::account)).stream()
            .sorted(Comparator.comparing(Account::name, Names.order()).thenComparing(Account::id)).toList();
    }

    Optional<Account> byId(long id) {
        return database.read(session -> session.first(ACCOUNT + " WHERE id = ?", AccountStore::account, id));
    }

    public Optional<Account> bySignIn(@Nullable String signIn) {
        return database.read(session -> session.first(ACCOUNT + SIGNS_IN, AccountStore::account, signIn(signIn)));
    }

    /** The password as it is kept, of who signs in with a name. */
    Optional<String> secret(String signIn) {
        return database.read(session -> session.first("SELECT password FROM account" + SIGNS_IN, row -> row.getString(1), signIn(signIn)));
    }

    /** The account if the password is right. Takes as long for a name that nobody has. */
    Optional<Account> signIn(String signIn, String password) {
        Optional<String> hash = secret(signIn);
        boolean right = password.length() <= LONGEST_PASSWORD && encoder.matches(password, hash.orElse(nobodysPassword()));
        if (right && hash.isPresent() && encoder.upgradeEncoding(hash.get())) {
            String anew = encoder.encode(password);
            database.write(session -> session.update("UPDATE account SET password = ? WHERE password = ?", anew, hash.get()));
        }
        return right && hash.isPresent() ? bySignIn(signIn) : Optional.empty();
    }

    private volatile String nobody = "";

    private String nobodysPassword() {
        if (nobody.isEmpty()) {
            nobody = Objects.requireNonNull(encoder.encode("nobody has this password"));
        }
        return nobody;
    }

    private static Account account(ResultSet row) throws SQLException {
        return new Account(row.getLong("id"), row.getString("sign_in"), row.getString("name"), row.getString("work"), row.getInt("admin") == 1);
    }
}
