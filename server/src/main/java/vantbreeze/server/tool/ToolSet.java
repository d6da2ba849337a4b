package vantbreeze.server.tool;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import vantbreeze.material.Scoring;
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
    private String boardReach;
    private String trimmer;
    private String bed;
    private String scoring;

    protected ToolSet() {}

    ToolSet(UnitSystem units) {
        this.units = units.name();
    }

    @Override
    protected String content() {
        String before = "%s %s %s %s".formatted(units, ruler, board, trimmer);
        String reached = boardReach == null ? before : "%s %s %s".formatted(before, boardReach, bed);
        return scoring == null ? reached : "%s %s".formatted(reached, scoring);
    }

    final void write(BriefJson.ToolsJson tools) {
        ruler = tools.ruler();
        board = tools.board();
        boardReach = tools.boardReach();
        trimmer = tools.trimmer();
        bed = tools.bed();
        scoring = tools.scoring() == null ? null : tools.scoring().name();
        seal();
    }

    long version() {
        return version;
    }

    BriefJson.ToolsJson tools() {
        return new BriefJson.ToolsJson(
                ruler, board, boardReach, trimmer, bed, scoring == null ? null : Scoring.valueOf(scoring));
    }
}
