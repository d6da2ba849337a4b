package vantbreeze.server.paper;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import vantbreeze.material.Paper;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.photo.PhotoAlbum;
import vantbreeze.server.plan.BriefJson.BackJson;
import vantbreeze.server.plan.LengthJson.SizeJson;
import vantbreeze.server.store.Inspected;
import vantbreeze.server.store.ReadBack;
import vantbreeze.server.store.Rows;
import vantbreeze.server.store.Store;
import vantbreeze.server.web.Conflict;
import vantbreeze.server.web.FieldReader;
import vantbreeze.server.web.FieldsRefused;
import vantbreeze.server.web.NotFound;
import vantbreeze.sheet.Supply;

/** The sheets and offcuts in the maker's drawer. */
@Service
public class SheetService implements Inspected, ReadBack {

    /** Kinds of sheets in the drawer. */
    static final int MOST_KINDS = 20_000;

    private final SheetRepository sheets;
    private final PhotoAlbum photos;
    private final Store store;
    private final Clock clock;

    SheetService(SheetRepository sheets, PhotoAlbum photos, Store store, Clock clock) {
        this.sheets = sheets;
        this.photos = photos;
        this.store = store;
        this.clock = clock;
    }

    public List<SheetJson> list() {
        return store.read(() -> kept().map(SheetService::written).toList());
    }

    private Stream<DrawerSheet> kept() {
        return sheets.findByDeletedAtIsNullOrderByCreatedAtAsc().stream();
    }

    /** @throws FieldsRefused if a field cannot be so; nothing is kept then */
    public SheetJson add(SheetJson.ContentJson content) {
        SheetJson.ContentJson tidied = tidied(content);
        return store.write(() -> {
            requireRoom(1);
            return written(sheets.save(new DrawerSheet(tidied, clock.instant())));
        });
    }

    /** Fills a drawer in which nothing has ever lain. */
    public void fillIfNew(List<SheetJson.ContentJson> first) {
        if (store.read(sheets::count) > 0) {
            return;
        }
        store.write(() -> {
            Instant now = clock.instant();
            for (int i = 0; i < first.size(); i++) {
                sheets.save(new DrawerSheet(tidied(first.get(i)), now.plusMillis(i)));
            }
            return null;
        });
    }

    private static SheetJson.ContentJson tidied(SheetJson.ContentJson content) {
        if (content == null) {
            throw new FieldsRefused("content", "", "a sheet", "The content must be given.");
        }
        FieldReader fields = new FieldReader(UnitSystem.METRIC);
        SheetJson.ContentJson tidied = SheetReader.tidied(content, fields, "");
        fields.done();
        return tidied;
    }

    /**
     * @throws Conflict if the sheet has moved on since that version
     * @throws FieldsRefused if a field cannot be so; nothing is kept then
     */
    public SheetJson change(String id, SheetJson.ChangeJson change) {
        SheetJson.ContentJson content = tidied(change.content());
        return store.write(() -> {
            DrawerSheet sheet = at(id, change.version());
            sheet.write(content);
            return written(sheets.saveAndFlush(sheet));
        });
    }

    public SheetJson delete(String id, long version) {
        return store.write(() -> {
            DrawerSheet sheet = at(id, version);
            sheet.delete(clock.instant());
            return written(sheets.saveAndFlush(sheet));
        });
    }

    /** Takes a deletion back. */
    public SheetJson undelete(String id) {
        return store.write(() -> {
            DrawerSheet sheet = sheets.findById(id).orElseThrow(() -> missing(id));
            sheet.undelete();
            return written(sheets.saveAndFlush(sheet));
        });
    }

    /**
     * Shows what a sheet looks like.
     *
     * @throws FieldsRefused if the picture cannot be read, or its size is none
     */
    public SheetJson show(String id, SheetJson.NewPhotoJson sent) {
        FieldReader fields = new FieldReader(UnitSystem.METRIC);
        PhotoAlbum.Developed image = photos.develop(fields, "image", sent.image());
        Length width = fields.lengthIfGiven("width", sent.width());
        Length height = fields.lengthIfGiven("height", sent.height());
        fields.done();
        return store.write(() -> {
            DrawerSheet sheet = at(id, sent.version());
            sheet.show(new DrawerSheet.Picture(
                    photos.keep(image),
                    "0 mm",
                    "0 mm",
                    width == null ? sheet.said().width() : sent.width(),
                    height == null ? sheet.said().height() : sent.height()));
            return written(sheets.saveAndFlush(sheet));
        });
    }

    public SheetJson showNothing(String id, long version) {
        return store.write(() -> {
            DrawerSheet sheet = at(id, version);
            sheet.showNothing();
            return written(sheets.saveAndFlush(sheet));
        });
    }

    public String table() {
        return SheetTable.written(list().stream().map(SheetJson::content).toList());
    }

    /**
     * Puts every sheet of a table into the drawer, or none.
     *
     * @throws FieldsRefused naming the line and the field of every fault
     */
    public List<SheetJson> addAll(String csv) {
        FieldReader fields = SheetTable.fields();
        List<SheetJson.ContentJson> read = SheetTable.read(csv == null ? "" : csv, fields);
        fields.done();
        return store.write(() -> {
            requireRoom(read.size());
            return read.stream()
                    .map(c -> written(sheets.save(new DrawerSheet(c, clock.instant()))))
                    .toList();
        });
    }

    /** All that the drawer holds can be written as one table and read again. */
    private void requireRoom(int more) {
        long here = sheets.count();
        if (here + more > MOST_KINDS) {
            throw new FieldsRefused(
                    "csv",
                    String.valueOf(more),
                    "at most %,d kinds of sheets".formatted(MOST_KINDS),
                    "The drawer holds at most %,d kinds of sheets; %,d are in it, those that were taken out among them, so %,d more are too many."
                            .formatted(MOST_KINDS, here, more));
        }
    }

    /**
     * What can be cut from.
     *
     * @param paper the very paper
     */
    public List<Supply> supplies(Paper paper) {
        return of(paper).map(SheetService::supply).toList();
    }

    /** The sheet of that paper whose photograph is there. */
    public Optional<Supply> photographed(Paper paper) {
        return of(paper).filter(s -> s.photo() != null).findFirst().map(SheetService::supply);
    }

    /** Those of its name; where there are none, those that look and weigh like it. */
    private Stream<SheetJson> of(Paper paper) {
        List<SheetJson> alike = list().stream()
                .filter(s -> s.content().count() > 0)
                .filter(s -> paper.isLike(SheetReader.paper(s.content())))
                .toList();
        List<SheetJson> named = alike.stream()
                .filter(s -> paper.equals(SheetReader.paper(s.content())))
                .toList();
        return (named.isEmpty() ? alike : named).stream();
    }

    private static Supply supply(SheetJson s) {
        return new Supply(
                s.id(),
                s.content().name(),
                SheetReader.size(s.content()),
                s.content().count(),
                true,
                Optional.ofNullable(s.content().grain()));
    }

    /**
     * Takes sheets out and puts what is left of them in; within the writing that is under way.
     *
     * @param id of the sheet; absent if it was bought for this
     * @param offcuts their sizes and where they lay on it
     * @return the ids of the offcuts
     * @throws FieldsRefused if there are not as many
     */
    public List<String> take(Optional<String> id, int count, Paper paper, String name, List<Offcut> offcuts) {
        Optional<DrawerSheet> sheet =
                id.map(i -> sheets.findById(i).filter(s -> !s.isDeleted()).orElseThrow(() -> missing(i)));
        sheet.ifPresent(s -> {
            if (s.said().count() < count) {
                throw new FieldsRefused(
                        "sheet",
                        s.said().name(),
                        "a sheet that is still in the drawer",
                        "There %s only %d of the sheet (%s) left; somebody has cut it already. Plan the cutting anew."
                                .formatted(
                                        s.said().count() == 1 ? "is" : "are",
                                        s.said().count(),
                                        s.said().name()));
            }
            s.write(s.said().withCount(s.said().count() - count));
            sheets.saveAndFlush(s);
        });
        return offcuts.stream()
                .map(o -> {
                    DrawerSheet rest = new DrawerSheet(content(sheet, paper, name, count, o), clock.instant());
                    sheet.flatMap(DrawerSheet::picture).ifPresent(p -> rest.show(moved(p, o)));
                    return sheets.saveAndFlush(rest).id();
                })
                .toList();
    }

    /**
     * A rest that is kept.
     *
     * @param x where it lay on its sheet
     * @param units in which the maker measures
     */
    public record Offcut(Length x, Length y, Size size, UnitSystem units) {}

    private static SheetJson.ContentJson content(
            Optional<DrawerSheet> sheet, Paper paper, String name, int count, Offcut o) {
        String width = o.size().width().exactText(o.units());
        String height = o.size().height().exactText(o.units());
        if (sheet.isPresent()) {
            SheetJson.ContentJson s = sheet.get().said();
            return new SheetJson.ContentJson(
                    s.name(),
                    width,
                    height,
                    count,
                    true,
                    s.kind(),
                    s.stock(),
                    s.colour(),
                    s.print(),
                    s.back(),
                    s.grain(),
                    null);
        }
        return new SheetJson.ContentJson(
                name,
                width,
                height,
                count,
                true,
                paper.material(),
                paper.stock().text(),
                paper.colour(),
                paper.print(),
                paper.back().map(BackJson::of).orElse(null),
                null,
                null);
    }

    private static DrawerSheet.Picture moved(DrawerSheet.Picture p, Offcut o) {
        return new DrawerSheet.Picture(
                p.photo(),
                length(p.x()).plus(o.x()).exactText(UnitSystem.METRIC),
                length(p.y()).plus(o.y()).exactText(UnitSystem.METRIC),
                p.width(),
                p.height());
    }

    /**
     * Takes back what {@link #take} did; within the writing that is under way.
     *
     * @throws FieldsRefused if an offcut has been cut or changed since
     */
    public void putBack(Optional<String> id, int count, List<String> offcuts) {
        for (String offcut : offcuts) {
            DrawerSheet rest = sheets.findById(offcut).orElseThrow(() -> missing(offcut));
            if (rest.isDeleted() || rest.version() != 0) {
                throw new FieldsRefused(
                        "sheet",
                        rest.said().name(),
                        "a sheet whose offcuts lie in the drawer untouched",
                        "An offcut (%s, %s × %s) has been used or changed since; it cannot be put back together."
                                .formatted(
                                        rest.said().name(),
                                        rest.said().width(),
                                        rest.said().height()));
            }
            sheets.delete(rest);
        }
        id.ifPresent(i -> {
            DrawerSheet sheet = sheets.findById(i).orElseThrow(() -> missing(i));
            sheet.write(sheet.said().withCount(sheet.said().count() + count));
            sheets.saveAndFlush(sheet);
        });
    }

    @Override
    public Rows rows() {
        return Rows.SHEETS;
    }

    @Override
    public void readBack(String key) {
        supply(written(sheets.findById(key).orElseThrow()));
    }

    @Override
    public List<String> damaged() {
        return store.read(() -> sheets.findAll().stream()
                .filter(s -> !s.isIntact())
                .map(s -> "the sheet “" + s.said().name() + "” in the drawer")
                .toList());
    }

    private DrawerSheet at(String id, long version) {
        DrawerSheet sheet = sheets.findById(id).filter(s -> !s.isDeleted()).orElseThrow(() -> missing(id));
        if (sheet.version() != version) {
            throw new Conflict(sheet.said().name(), written(sheet), sheet.version(), version);
        }
        return sheet;
    }

    private static NotFound missing(String id) {
        return new NotFound("sheet (%s) in the drawer".formatted(id));
    }

    private static Length length(String text) {
        return Length.parse(text, UnitSystem.METRIC);
    }

    private static SheetJson written(DrawerSheet sheet) {
        SheetJson.ContentJson said = SheetReader.tidied(sheet.said(), new FieldReader(UnitSystem.METRIC), "");
        return new SheetJson(
                sheet.id(),
                sheet.version(),
                said,
                SizeJson.of(SheetReader.size(said), SheetReader.units(said)),
                sheet.picture()
                        .map(p -> new SheetJson.PhotoJson(
                                p.photo(),
                                length(p.x()).millimetres(),
                                length(p.y()).millimetres(),
                                length(p.width()).millimetres(),
                                length(p.height()).millimetres()))
                        .orElse(null));
    }
}
