package synopta.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the application. */
@SpringBootApplication
public class Synopta {
    /** Runs until it is stopped. */
    public static void main(String... arguments) {
        SpringApplication.run(Synopta.class, arguments);
    }
}
