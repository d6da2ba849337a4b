package vantbreeze.server.store;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** SHA-256 in hexadecimal (FIPS 180-4). */
public final class Digest {

    private static final int BUFFER = 1 << 16;

    private Digest() {}

    public static String of(String text) {
        return of(text.getBytes(StandardCharsets.UTF_8));
    }

    public static String of(byte[] bytes) {
        MessageDigest digest = sha256();
        digest.update(bytes);
        return of(digest);
    }

    public static String of(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return of(in);
        }
    }

    /** Of all that is still to be read. */
    public static String of(InputStream in) throws IOException {
        MessageDigest digest = sha256();
        byte[] buffer = new byte[BUFFER];
        for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
            digest.update(buffer, 0, n);
        }
        return of(digest);
    }

    /** @return in hexadecimal what was taken in */
    public static String of(MessageDigest taken) {
        return HexFormat.of().formatHex(taken.digest());
    }

    public static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java platform has SHA-256.", e);
        }
    }
}
