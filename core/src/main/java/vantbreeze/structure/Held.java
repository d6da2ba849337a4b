package vantbreeze.structure;

import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;

/**
 * Something that is put into a pocket and taken out again.
 *
 * @param pocket the panel before it
 * @param behind the panel it lies on
 * @param outline where it lies, in flat coordinates of the panel behind it
 * @param play how far it can slide to the right from there, seen on that panel's face
 * @param grams what it weighs
 */
public record Held(
        String name, String pocket, String behind, Polygon outline, Length play, Length thickness, double grams) {}
