package vantbreeze.hand;

import vantbreeze.layer.Mat;

/**
 * A mat, and what it was cut as.
 *
 * @param part the part's id
 */
public record LaidMat(Mat mat, String part) {}
