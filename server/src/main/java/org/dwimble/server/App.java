package org.dwimble.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.function.Supplier;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.context.annotation.Bean;

/** The whole application: one process, one folder of data. */
@SpringBootApplication(proxyBeanMethods = false)
public class App {

    public static void main(String[] args) {
        application().run(args);
    }

    /** The application with its data folder made in time for the database. */
    public static SpringApplication application() {
        SpringApplication application = new SpringApplication(App.class);
        application.addListeners((ApplicationListener<ApplicationEnvironmentPreparedEvent>) event -> {
            try {
                Files.createDirectories(Path.of(event.getEnvironment().getRequiredProperty("dwimble.home")));
            } catch (IOException e) {
                throw new IllegalStateException("The data folder cannot be made: " + e.getMessage(), e);
            }
        });
        return application;
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
