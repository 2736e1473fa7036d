package org.dwimble.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import org.dwimble.server.database.DataFolder;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.boot.context.event.ApplicationFailedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.context.annotation.Bean;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The whole application: one process, one folder of data. */
@SpringBootApplication(proxyBeanMethods = false)
@EnableScheduling
public class App {

    public static void main(String[] args) {
        try {
            application().run(args);
        } catch (DataFolder.Refused refused) {
            System.err.println(refused.getMessage());
            System.exit(1);
        }
    }

    /** The application with its data folder made, and its own until it ends, in time for the database. */
    public static SpringApplication application() {
        SpringApplication application = new SpringApplication(App.class);
        AtomicReference<DataFolder> folder = new AtomicReference<>();
        application.addListeners((ApplicationListener<ApplicationEnvironmentPreparedEvent>) event -> {
            try {
                folder.set(DataFolder.open(Path.of(event.getEnvironment().getRequiredProperty("dwimble.home"))));
            } catch (IOException e) {
                throw new IllegalStateException("The data folder cannot be used: " + e.getMessage(), e);
            }
        }, (ApplicationListener<ContextClosedEvent>) closed -> letGo(folder), (ApplicationListener<ApplicationFailedEvent>) failed -> letGo(folder));
        return application;
    }

    private static void letGo(AtomicReference<DataFolder> folder) {
        DataFolder mine = folder.getAndSet(null);
        if (mine != null) {
            try {
                mine.close();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    /** Ids for new students, boards and buttons: 12 letters and digits, 60 bits of chance. */
    @Bean
    Supplier<String> ids() {
        SecureRandom random = new SecureRandom();
        String letters = "abcdefghijkmnpqrstuvwxyz23456789";
        return () -> {
            StringBuilder id = new StringBuilder(12);
            for (int i = 0; i < 12; i++) {
                id.append(letters.charAt(random.nextInt(32)));
            }
            return id.toString();
        };
    }
}
