package vantbreeze.layer;

import java.util.List;
import vantbreeze.measure.Size;

/**
 * A mat, or mats, as they come off the trimmer.
 *
 * @param size of the piece that is cut first
 * @param mats what it yields, left to right or bottom to top; two where one piece is split on a meeting line
 * @param alongWidth whether a split piece is divided along its width
 */
public record MatCut(Size size, List<Mat> mats, boolean alongWidth) {

    public boolean isSplit() {
        return mats.size() > 1;
    }

    public int layer() {
        return mats.get(0).layer();
    }
}
