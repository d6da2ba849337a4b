package vantbreeze.server;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the application: {@code --port N}, {@code --data DIR}, {@code --no-demo}. */
@SpringBootApplication
public class Vantbreeze {

    public static void main(String[] args) {
        // Decimals are printed with a point wherever the machine stands, as the fractions beside them are.
        Locale.setDefault(Locale.ENGLISH);
        try {
            StartOptions options = StartOptions.parse(args);
            DataFolder.claim(options.data());
            options.requireFreePort();
            SpringApplication.run(Vantbreeze.class, springArguments(options));
            System.out.println("Vantbreeze is ready at http://127.0.0.1:" + options.port() + "/");
        } catch (StartRefusal refusal) {
            System.err.println(refusal.getMessage());
            System.exit(2);
        }
    }

    private static String[] springArguments(StartOptions options) {
        List<String> arguments = new ArrayList<>();
        arguments.add("--server.port=" + options.port());
        arguments.add("--vantbreeze.data=" + options.data().toAbsolutePath());
        arguments.add("--vantbreeze.demo=" + options.demo());
        return arguments.toArray(String[]::new);
    }
}
