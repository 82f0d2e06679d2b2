package bathyra.geometry;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.triangulate.DelaunayTriangulationBuilder;
import org.locationtech.jts.triangulate.quadedge.QuadEdgeSubdivision;

/** Delaunay triangles over points; the plane-geometry library finds them. */
public final class Triangulation {
    private Triangulation() {}

    /** @return triangles as indices into the points, counter-clockwise where y points up; none for points on one line */
    public static List<int[]> of(List<Point> points) {
        Map<Coordinate, Integer> index = new HashMap<>();
        List<Coordinate> sites = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            Coordinate site = new Coordinate(points.get(i).x(), points.get(i).y());
            index.putIfAbsent(site, i);
            sites.add(site);
        }
        DelaunayTriangulationBuilder builder = new DelaunayTriangulationBuilder();
        builder.setSites(sites);
        QuadEdgeSubdivision subdivision = builder.getSubdivision();
        List<int[]> triangles = new ArrayList<>();
        for (Object each : subdivision.getTriangleCoordinates(false)) {
            Coordinate[] ring = (Coordinate[]) each;
            Integer a = index.get(ring[0]);
            Integer b = index.get(ring[1]);
            Integer c = index.get(ring[2]);
            if (a != null && b != null && c != null) {
                triangles.add(new int[] {a, b, c});
            }
        }
        return triangles;
    }
}
