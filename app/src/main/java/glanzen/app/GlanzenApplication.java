package glanzen.app;

import glanzen.artwork.ArtworkShelf;
import glanzen.forecast.Forecaster;
import glanzen.simulate.HiddenRig;
import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.boot.validation.autoconfigure.ValidationAutoConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.resilience.annotation.EnableResilientMethods;
import org.springframework.scheduling.annotation.EnableScheduling;

/**
 * Starts Glanzen. There are no accounts: it serves the person at this machine only. What comes in is checked by the core, so no
 * other checker is started.
 */
@SpringBootApplication(exclude = {UserDetailsServiceAutoConfiguration.class, ValidationAutoConfiguration.class})
@EnableResilientMethods
@EnableScheduling
public class GlanzenApplication {

    public static void main(String[] args) {
        // Pictures are drawn without a screen.
        System.setProperty("java.awt.headless", "true");
        SpringApplication.run(GlanzenApplication.class, args);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    @Bean
    ArtworkShelf artworkShelf() {
        return new ArtworkShelf();
    }

    /** How the simulated bench really is. */
    @Bean
    HiddenRig hiddenRig(ArtworkShelf artworks) {
        return new HiddenRig(artworks);
    }

    @Bean
    Forecaster forecaster(ArtworkShelf artworks) {
        return new Forecaster(artworks);
    }
}
