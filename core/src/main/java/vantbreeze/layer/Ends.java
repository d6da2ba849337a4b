package vantbreeze.layer;

import java.util.Locale;
import java.util.Optional;
import vantbreeze.measure.Length;

/** What becomes of a ribbon's ends. */
public enum Ends {
    /** Behind, with tape. Half an inch each. */
    TAPED(Length.inches(1), Optional.of(Length.inches(1, 2)), "Turn both ends to the back and tape them down there"),
    /** On the front. */
    BOW(Bow.TAKES, Optional.empty(), "Tie a bow on the front and cut the ends aslant"),
    KNOT(Length.inches(6), Optional.empty(), "Tie a knot on the front and cut the ends aslant");

    private final Length takes;
    private final Optional<Length> behind;
    private final String told;

    Ends(Length takes, Optional<Length> behind, String told) {
        this.takes = takes;
        this.behind = behind;
        this.told = told;
    }

    /** How much more ribbon than goes around. Six inches for a knot are derived. */
    Length takes() {
        return takes;
    }

    Optional<Length> behind() {
        return behind;
    }

    String told() {
        return told;
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
