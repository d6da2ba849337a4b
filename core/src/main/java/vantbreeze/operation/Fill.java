package vantbreeze.operation;

import vantbreeze.layer.PocketRoom;
import vantbreeze.measure.Ruler;

/** What a pocket holds. */
@Kind("fill")
public record Fill(PocketRoom room) implements Operation {

    @Override
    public String title() {
        return "Put the %s in".formatted(room.held().name());
    }

    @Override
    public Wording wording(Ruler ruler) {
        return Wording.plain(room.text(ruler));
    }
}
