package org.dwimble.server.dayword;

import java.util.List;
import org.dwimble.core.dayword.OwnDay;
import org.dwimble.core.grant.Act;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.School;
import org.dwimble.server.grant.For;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The days a student looks forward to. For owners and editors of the team, as facts are. */
@RestController
@RequestMapping("/api/students/{student}/days")
class OwnDayApi {

    /** @param date as ISO 8601 has it; of what comes every year, the first */
    record OwnDayView(long id, String name, String date, OwnDay.Comes comes) {
    }

    /** @param zone where the student is; none for where the school is @param school where that is */
    record OwnDaysView(List<OwnDayView> days, @Nullable String zone, String school) {
    }

    record NewOwnDay(String name, @Nullable String date, OwnDay.@Nullable Comes comes) {
    }

    record InZone(@Nullable String zone) {
    }

    private final OwnDays days;
    private final School school;

    OwnDayApi(OwnDays days, School school) {
        this.days = days;
        this.school = school;
    }

    @For(Act.KNOW)
    @GetMapping
    OwnDaysView days(@AuthenticationPrincipal Account account, @PathVariable String student) {
        return new OwnDaysView(days.of(student).stream().map(k -> new OwnDayView(k.id(), k.day().name(), k.day().date().toString(), k.day().comes())).toList(),
            days.zone(student).map(Object::toString).orElse(null), school.zone().getId());
    }

    @For(Act.CHANGE)
    @PostMapping
    OwnDaysView add(@AuthenticationPrincipal Account account, @PathVariable String student, @RequestBody NewOwnDay day) {
        days.add(student, OwnDay.of(day.name, day.date, day.comes == null ? OwnDay.Comes.ONCE : day.comes));
        return days(account, student);
    }

    @For(Act.CHANGE)
    @DeleteMapping("/{day}")
    OwnDaysView remove(@AuthenticationPrincipal Account account, @PathVariable String student, @PathVariable long day) {
        days.remove(student, day);
        return days(account, student);
    }

    @For(Act.CHANGE)
    @PutMapping("/zone")
    OwnDaysView zone(@AuthenticationPrincipal Account account, @PathVariable String student, @RequestBody InZone wanted) {
        days.goTo(student, wanted.zone == null ? null : School.zone(wanted.zone));
        return days(account, student);
    }
}
