package org.dwimble.server.student;

import org.dwimble.server.account.Account;
import org.dwimble.server.account.Seen;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Students and their vocabularies, as what comes of long work shows them. */
@Configuration(proxyBeanMethods = false)
class SeenStudents {
    private record By(String kind, java.util.function.BiPredicate<String, Account> rule) implements Seen {
        @Override
        public boolean may(String id, Account account) {
            return rule.test(id, account);
        }
    }

    @Bean
    Seen seenStudent(StudentStore students) {
        return new By("student", (id, account) -> students.role(id, account.id()).isPresent());
    }

    @Bean
    Seen seenVocabulary(Access access) {
        return new By("vocabulary", (id, account) -> access.mayLookAt(Long.parseLong(id), account));
    }
}
