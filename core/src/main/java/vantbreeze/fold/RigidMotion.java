package vantbreeze.fold;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.structure.FlatMotion;

/**
 * A rigid move in space, in counts of 1/640 mm: p' = R p + t. On the flat piece x is right, y up and z towards you.
 *
 * @param r the rotation matrix, row by row, 9 numbers
 * @param t the shift, 3 numbers
 */
public record RigidMotion(double[] r, double[] t) {

    public static final RigidMotion IDENTITY =
            new RigidMotion(new double[] {1, 0, 0, 0, 1, 0, 0, 0, 1}, new double[] {0, 0, 0});

    /** A move within the plane; one that turns a panel over turns it over in space. */
    static RigidMotion of(FlatMotion flat) {
        double z = flat.turnsOver() ? -1 : 1;
        return new RigidMotion(
                new double[] {flat.a(), flat.b(), 0, flat.c(), flat.d(), 0, 0, 0, z},
                new double[] {flat.tx(), flat.ty(), 0});
    }

    /** Turning about a line of the flat piece by the right-hand rule, seen along it. Rodrigues' formula. */
    static RigidMotion turn(LineSegment axis, double radians) {
        double[] along = along(axis);
        double ux = along[0];
        double uy = along[1];
        double c = Math.cos(radians);
        double s = Math.sin(radians);
        double[] r = {
            c + ux * ux * (1 - c),
            ux * uy * (1 - c),
            uy * s,
            ux * uy * (1 - c),
            c + uy * uy * (1 - c),
            -ux * s,
            -uy * s,
            ux * s,
            c
        };
        RigidMotion about = new RigidMotion(r, new double[] {0, 0, 0});
        Coordinate moved = about.apply(axis.p0);
        return new RigidMotion(r, new double[] {axis.p0.x - moved.getX(), axis.p0.y - moved.getY(), -moved.getZ()});
    }

    /** A line's direction on the flat piece, a unit vector. Lengths of paper need no guard against overflow, which takes long. */
    static double[] along(LineSegment line) {
        double x = line.p1.x - line.p0.x;
        double y = line.p1.y - line.p0.y;
        double length = Math.sqrt(x * x + y * y);
        return new double[] {x / length, y / length};
    }

    RigidMotion inverse() {
        double[] turned = {r[0], r[3], r[6], r[1], r[4], r[7], r[2], r[5], r[8]};
        double[] back = new double[3];
        for (int row = 0; row < 3; row++) {
            back[row] = -(turned[3 * row] * t[0] + turned[3 * row + 1] * t[1] + turned[3 * row + 2] * t[2]);
        }
        return new RigidMotion(turned, back);
    }

    /** First {@code inner}, then this. */
    RigidMotion after(RigidMotion inner) {
        double[] product = new double[9];
        for (int row = 0; row < 3; row++) {
            for (int column = 0; column < 3; column++) {
                for (int k = 0; k < 3; k++) {
                    product[3 * row + column] += r[3 * row + k] * inner.r[3 * k + column];
                }
            }
        }
        Coordinate shift = apply(new Coordinate(inner.t[0], inner.t[1], inner.t[2]));
        return new RigidMotion(product, new double[] {shift.getX(), shift.getY(), shift.getZ()});
    }

    /** @param p a place of the flat piece, or with a z one in space */
    public Coordinate apply(Coordinate p) {
        double z = Double.isNaN(p.getZ()) ? 0 : p.getZ();
        return new Coordinate(
                r[0] * p.x + r[1] * p.y + r[2] * z + t[0],
                r[3] * p.x + r[4] * p.y + r[5] * z + t[1],
                r[6] * p.x + r[7] * p.y + r[8] * z + t[2]);
    }

    /** A direction of the flat piece, turned. */
    Vector3D turned(double x, double y) {
        return new Vector3D(r[0] * x + r[1] * y, r[3] * x + r[4] * y, r[6] * x + r[7] * y);
    }

    /** Where a panel's face side looks. */
    public Vector3D faceNormal() {
        return new Vector3D(r[2], r[5], r[8]);
    }
}
