package vantbreeze.server;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.ConfigurableApplicationContext;
import vantbreeze.server.backup.BackupFile;
import vantbreeze.server.store.DataFolder;

/** Starts the application: {@code --port N}, {@code --data DIR}, {@code --no-demo}. */
@SpringBootApplication
public class Vantbreeze {

    private static final int REFUSED = 2;
    private static final int INTERRUPTED = 130;

    public static void main(String[] args) {
        // Decimals are printed with a point wherever the machine stands, as the fractions beside them are.
        Locale.setDefault(Locale.ENGLISH);
        AtomicBoolean started = new AtomicBoolean(System.getProperty("spring.context.exit") != null);
        endAtOnceUnless(started);
        try {
            StartOptions options = StartOptions.parse(args);
            DataFolder.claim(options.data());
            options.requireFreePort();
            ConfigurableApplicationContext application =
                    SpringApplication.run(Vantbreeze.class, springArguments(options));
            started.set(true);
            if (options.errand().isPresent()) {
                run(options.errand().get(), application);
                return;
            }
            System.out.println("Vantbreeze is ready at http://127.0.0.1:" + options.port() + "/");
        } catch (RuntimeException failure) {
            started.set(true);
            System.err.println(StartFailure.sentence(failure));
            System.exit(REFUSED);
        }
    }

    private static void run(StartOptions.Errand errand, ConfigurableApplicationContext application) {
        try (application) {
            BackupFile backup = application.getBean(BackupFile.class);
            System.out.println(errand.restores() ? backup.restore(errand.file()) : backup.write(errand.file()));
        }
    }

    /** Until it is ready there is nothing to finish: whoever stops it meanwhile does not wait, and is not told otherwise. */
    private static void endAtOnceUnless(AtomicBoolean started) {
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            if (!started.get()) {
                Runtime.getRuntime().halt(INTERRUPTED);
            }
        }));
    }

    private static String[] springArguments(StartOptions options) {
        List<String> arguments = new ArrayList<>();
        arguments.add("--server.port=" + (options.errand().isPresent() ? 0 : options.port()));
        arguments.add("--vantbreeze.data=" + options.data().toAbsolutePath());
        arguments.add("--vantbreeze.demo=" + (options.demo() && options.errand().isEmpty()));
        return arguments.toArray(String[]::new);
    }
}
