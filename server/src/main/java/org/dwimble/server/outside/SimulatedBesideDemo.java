package org.dwimble.server.outside;

import java.io.IOException;
import java.net.BindException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.context.annotation.Profile;

/** The simulated service, one port above the demo's, or on any free one if that is taken. */
@Configuration(proxyBeanMethods = false)
@Profile("demo")
class SimulatedBesideDemo {
    @Bean(destroyMethod = "close")
    SimulatedService simulatedService(@Value("${server.port}") int port) throws IOException {
        try {
            return new SimulatedService(port == 0 ? 0 : port + 1);
        } catch (BindException taken) {
            return new SimulatedService(0);
        }
    }

    @Bean
    @Primary
    OutsidePictures simulatedPictures(SimulatedService service) {
        return new HttpOutsidePictures(service.address(), "The simulated picture service");
    }
}
