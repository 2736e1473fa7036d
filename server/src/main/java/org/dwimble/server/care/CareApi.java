package org.dwimble.server.care;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.dwimble.core.dayword.Half;
import org.dwimble.core.grant.Act;
import org.dwimble.core.number.Money;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.School;
import org.dwimble.server.database.Backup;
import org.dwimble.server.database.Room;
import org.dwimble.server.grant.For;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What whoever looks after Dwimble should know. */
@RestController
@RequestMapping("/api/care")
class CareApi {

    /**
     * @param lastBackup the moment of the last good one; null for none yet
     * @param folder     where they are
     * @param free       bytes on the disk of the data
     * @param size       bytes of the database
     * @param numbers    how much there is
     * @param worries    sentences; none if all is well
     * @param monies     ISO 4217 codes of what a school may pay with
     * @param zone       the time zone it is in
     * @param half       its half of the earth
     */
    record CareView(@Nullable String lastBackup, int backups, String folder, long free, long size, School.Numbers numbers,
        List<String> worries, List<String> monies, String zone, Half half) {
    }

    private final Backups backups;
    private final School school;
    private final Disk disk;
    private final Path home;
    private final Wording wording;

    CareApi(Backups backups, School school, Disk disk, @Value("${dwimble.home}") Path home, Wording wording) {
        this.backups = backups;
        this.school = school;
        this.disk = disk;
        this.home = home;
        this.wording = wording;
    }

    @For(Act.KEEP)
    @GetMapping
    CareView care(@AuthenticationPrincipal Account account) throws IOException {
        long free = disk.free();
        Instant last = backups.last().orElse(null);
        List<String> worries = new ArrayList<>();
        if (disk.isNearlyFull()) {
            worries.add(wording.of(Told.of("care-little-room", "megabytes", free >> 20)));
        }
        if (backups.late()) {
            worries.add(wording.of(Told.of("care-no-backup")));
        }
        return new CareView(last == null ? null : last.toString(), backups.kept().size(), home.resolve("backups").toAbsolutePath().normalize().toString(), free,
            Files.size(home.resolve("dwimble.db")), school.numbers(), worries, Money.codes(), school.zone().getId(), school.half());
    }

    record SchoolPlace(@Nullable String zone, @Nullable Half half) {
    }

    /** Where the school is, by which its days begin and its seasons go. Without a half it is that of the zone. */
    @For(Act.KEEP)
    @PutMapping("/place")
    CareView place(@AuthenticationPrincipal Account account, @RequestBody SchoolPlace wanted) throws IOException {
        Unacceptable.ifMissing(wanted.zone);
        ZoneId zone = School.zone(Objects.requireNonNull(wanted.zone));
        school.lieIn(zone, wanted.half == null ? Half.of(zone) : wanted.half);
        return care(account);
    }

    /** Makes a backup now. */
    @For(Act.KEEP)
    @PostMapping("/backups")
    @Bounded("FILES_AT_ONCE")
    CareView backUp(@AuthenticationPrincipal Account account) throws IOException {
        try {
            backups.make();
        } catch (SQLException | IOException e) {
            throw Room.isNone(e)
                ? new Problem(HttpStatus.INSUFFICIENT_STORAGE, "disk-full-for-backup", "needed", Backup.megabytes(home.resolve("dwimble.db")), "free",
                    disk.free() >> 20)
                : new Problem(HttpStatus.INTERNAL_SERVER_ERROR, "backup-not-made");
        }
        return care(account);
    }

}
