package vantbreeze.server.photo;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The segments of a JPEG file, as far as they tell how much work it is and whether anything stands in it beside the picture
 * (ITU-T T.81, annex B).
 *
 * @param wide dots, as the frame's header says
 * @param high dots
 * @param scans how often the whole picture is gone over
 * @param isPlain whether it holds one sequential frame of one scan, its tables and a JFIF header, and nothing before, between
 *     or after
 */
record JpegMarkers(int wide, int high, int scans, boolean isPlain) {

    private static final int PREFIX = 0xff;
    private static final int START = 0xd8;
    private static final int END = 0xd9;
    private static final int SCAN = 0xda;
    private static final int BASELINE = 0xc0;
    private static final int JFIF = 0xe0;
    private static final int LONGEST_JFIF = 18;
    private static final int FIRST_RESTART = 0xd0;
    private static final int LAST_RESTART = 0xd7;

    /** Quantization and Huffman tables, restart interval. */
    private static final Set<Integer> TABLES = Set.of(0xdb, 0xc4, 0xdd);

    /** C0 to CF but DHT, JPG and DAC. */
    private static boolean isFrame(int marker) {
        return marker >= 0xc0 && marker <= 0xcf && marker != 0xc4 && marker != 0xc8 && marker != 0xcc;
    }

    /** @return nothing if it does not begin as a JPEG does, or has no frame */
    static Optional<JpegMarkers> of(byte[] file) {
        if (file.length < 4 || at(file, 0) != PREFIX || at(file, 1) != START) {
            return Optional.empty();
        }
        Reading reading = new Reading(file);
        reading.read();
        return reading.wide == 0 && reading.high == 0
                ? Optional.empty()
                : Optional.of(new JpegMarkers(reading.wide, reading.high, reading.scans, reading.isPlain()));
    }

    private static int at(byte[] file, int i) {
        return file[i] & 0xff;
    }

    private static final class Reading {
        private final byte[] file;
        private final List<Integer> markers = new ArrayList<>();
        private int next = 2;
        private int wide;
        private int high;
        private int scans;
        private boolean strange;

        Reading(byte[] file) {
            this.file = file;
        }

        void read() {
            while (next + 1 < file.length) {
                if (at(file, next) != PREFIX) {
                    strange = true;
                    next++;
                    continue;
                }
                int marker = at(file, next + 1);
                if (marker == PREFIX) {
                    next++;
                } else if (marker == END) {
                    markers.add(END);
                    strange |= next + 2 != file.length;
                    return;
                } else {
                    segment(marker);
                }
            }
            strange = true;
        }

        private void segment(int marker) {
            if (next + 3 >= file.length) {
                next = file.length;
                return;
            }
            int length = at(file, next + 2) << 8 | at(file, next + 3);
            markers.add(marker);
            if (isFrame(marker) && next + 8 < file.length) {
                high = Math.max(high, at(file, next + 5) << 8 | at(file, next + 6));
                wide = Math.max(wide, at(file, next + 7) << 8 | at(file, next + 8));
            }
            strange |= marker == JFIF && !isJfif(length);
            next += 2 + length;
            if (marker == SCAN) {
                scans++;
                skipScan();
            }
        }

        private boolean isJfif(int length) {
            return length <= LONGEST_JFIF
                    && next + 8 < file.length
                    && new String(file, next + 4, 4, java.nio.charset.StandardCharsets.ISO_8859_1).equals("JFIF");
        }

        /** Coded dots end at a marker that is neither a stuffed byte nor a restart. */
        private void skipScan() {
            while (next + 1 < file.length) {
                int after = at(file, next + 1);
                if (at(file, next) == PREFIX && after != 0 && (after < FIRST_RESTART || after > LAST_RESTART)) {
                    return;
                }
                next++;
            }
        }

        boolean isPlain() {
            long headers = markers.stream().filter(m -> m == JFIF).count();
            return !strange
                    && scans == 1
                    && headers <= 1
                    && markers.stream().filter(JpegMarkers::isFrame).toList().equals(List.of(BASELINE))
                    && markers.stream()
                            .allMatch(m -> m == JFIF || m == BASELINE || m == SCAN || m == END || TABLES.contains(m));
        }
    }
}
