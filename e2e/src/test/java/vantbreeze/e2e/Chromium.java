package vantbreeze.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** Debian's Chromium without a screen, talking to nobody but the application. */
final class Chromium implements AutoCloseable {

    private static final List<String> QUIET = List.of(
            "--no-sandbox",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--enable-unsafe-swiftshader");

    private final Playwright playwright;
    private final Browser browser;

    Chromium() {
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(QUIET));
    }

    /** A fresh browser of 1280 by 800, its errors collected. */
    Page page(String address, ColorScheme colours, List<String> errors) {
        BrowserContext context = browser.newContext(new Browser.NewContextOptions()
                .setViewportSize(1280, 800)
                .setBaseURL(address)
                .setColorScheme(colours)
                .setLocale("en-GB")
                .setAcceptDownloads(true));
        context.setDefaultTimeout(30_000);
        Page page = context.newPage();
        page.onPageError(errors::add);
        page.onConsoleMessage(m -> {
            if (m.type().equals("error")) {
                errors.add(m.text());
            }
        });
        return page;
    }

    @Override
    public void close() {
        playwright.close();
    }
}
