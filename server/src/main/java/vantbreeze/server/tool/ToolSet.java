package vantbreeze.server.tool;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.store.Kept;

/** The tools with which the maker begins a card in inches, or one in millimetres. */
@Entity
class ToolSet extends Kept {

    @Id
    private String units;

    @Version
    private Long version;

    private String ruler;
    private String board;
    private String trimmer;

    protected ToolSet() {}

    ToolSet(UnitSystem units) {
        this.units = units.name();
    }

    @Override
    protected String content() {
        return "%s %s %s %s".formatted(units, ruler, board, trimmer);
    }

    final void write(BriefJson.ToolsJson tools) {
        ruler = tools.ruler();
        board = tools.board();
        trimmer = tools.trimmer();
        seal();
    }

    long version() {
        return version;
    }

    BriefJson.ToolsJson tools() {
        return new BriefJson.ToolsJson(ruler, board, trimmer);
    }
}
