package org.dwimble.server;

import java.io.IOException;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.function.Supplier;
import org.dwimble.server.database.DataFolder;
import org.springframework.beans.factory.support.DefaultSingletonBeanRegistry;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The whole application: one process, one folder of data. */
@SpringBootApplication(proxyBeanMethods = false)
@EnableScheduling
public class App {

    public static void main(String[] args) {
        try {
            application().run(args);
        } catch (DataFolder.Refused refused) {
            System.exit(1);
        }
    }

    /** The application with its data folder made, and its own until everything in it is closed, in time for the database. */
    public static SpringApplication application() {
        SpringApplication application = new SpringApplication(App.class);
        application.addInitializers(context -> {
            try {
                DataFolder folder = DataFolder.open(Path.of(context.getEnvironment().getRequiredProperty("dwimble.home")));
                // What is given over first is closed last.
                ((DefaultSingletonBeanRegistry) context.getBeanFactory()).registerDisposableBean("dataFolder", folder::close);
            } catch (DataFolder.Refused refused) {
                System.err.println(refused.getMessage());
                throw refused;
            } catch (IOException e) {
                throw new IllegalStateException("The data folder cannot be used: " + e.getMessage(), e);
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
