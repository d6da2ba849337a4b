package vantbreeze.server.paper;

import io.swagger.v3.oas.annotations.media.Schema;
import vantbreeze.material.Material;
import vantbreeze.material.Print;
import vantbreeze.part.Part.Grain;
import vantbreeze.server.plan.BriefJson.BackJson;
import vantbreeze.server.plan.LengthJson.SizeJson;

/**
 * A kind of sheet that lies in the drawer, or an offcut.
 *
 * @param version to be sent back with a change
 * @param size as the maker's ruler reads it
 * @param photo what it looks like; absent without a photograph
 */
@Schema(name = "DrawerSheet")
public record SheetJson(
        String id,
        long version,
        ContentJson content,
        SizeJson size,
        @Schema(nullable = true) PhotoJson photo) {

    /**
     * What is said about it; lengths with their unit.
     *
     * @param count how many there are
     * @param kind what it is made of
     * @param stock a weight, a thickness or both; of film its thickness is enough
     * @param back what is on its back; absent for white behind a pattern or a coat, else as in front
     * @param grain which way its fibres run; absent if nobody knows
     * @param price of one, in the maker's own currency; absent if it is not known
     */
    @Schema(name = "DrawerSheetContent")
    public record ContentJson(
            @Schema(example = "blue weave") String name,
            @Schema(example = "12 in") String width,
            @Schema(example = "12 in") String height,
            @Schema(example = "4") int count,
            boolean offcut,
            Material kind,
            @Schema(example = "160 gsm") String stock,
            @Schema(example = "#7e93a8") String colour,
            Print print,
            @Schema(nullable = true) BackJson back,
            @Schema(nullable = true) Grain grain,
            @Schema(nullable = true, example = "0.80") String price) {

        ContentJson withCount(int other) {
            return new ContentJson(name, width, height, other, offcut, kind, stock, colour, print, back, grain, price);
        }
    }

    @Schema(name = "DrawerSheetChange")
    public record ChangeJson(long version, ContentJson content) {}

    /**
     * A photograph or scan, and which part of it the sheet shows.
     *
     * @param id to be fetched with
     * @param x how far the sheet's left edge lies from the photograph's, in mm
     * @param y how far its lower edge lies above the photograph's, in mm
     * @param width of what the photograph shows, in mm
     * @param height of what it shows, in mm
     */
    @Schema(name = "SheetPhoto")
    public record PhotoJson(String id, double x, double y, double width, double height) {}

    /**
     * A photograph as it is sent.
     *
     * @param image PNG or JPEG, in base64
     * @param width of what it shows; absent if it is the whole sheet
     */
    @Schema(name = "NewSheetPhoto")
    public record NewPhotoJson(
            long version,
            String image,
            @Schema(nullable = true, example = "12 in") String width,
            @Schema(nullable = true) String height) {}

    /** @param csv a line of headings and a line for each sheet */
    @Schema(name = "SheetTable")
    public record TableJson(String csv) {}
}
