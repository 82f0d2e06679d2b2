package bathyra.fit;

import java.util.Arrays;
import java.util.Collection;
import java.util.TreeSet;

/**
 * A garment cut into triangles and sewn together: sewn places are one vertex, and each triangle keeps its own corners on the paper (C21).
 *
 * @param count how many vertices it has
 * @param triangles three vertices each
 * @param paper of each triangle x and y of its three corners on the paper, mm: x across the grain, y against it
 * @param held of each vertex whether it can move to the side, forward and up
 */
public record Mesh(int count, int[][] triangles, double[][] paper, boolean[][] held) {

    /** The same, with some of its vertices free to move to the side. */
    Mesh freed(Collection<Integer> vertices) {
        boolean[][] next = held.clone();
        for (int v : vertices) {
            next[v] = new boolean[] {false, held[v][1], held[v][2]};
        }
        return new Mesh(count, triangles, paper, next);
    }

    /** The neighbours of every vertex: along an edge, and across it, for cloth that bends there. */
    int[][] neighbours(int[][] hinges) {
        @SuppressWarnings("unchecked")
        TreeSet<Integer>[] sets = new TreeSet[count];
        Arrays.setAll(sets, i -> new TreeSet<>());
        for (int[] group : triangles) {
            join(sets, group);
        }
        for (int[] group : hinges) {
            join(sets, group);
        }
        int[][] neighbours = new int[count][];
        for (int i = 0; i < count; i++) {
            sets[i].remove(i);
            neighbours[i] = sets[i].stream().mapToInt(Integer::intValue).toArray();
        }
        return neighbours;
    }

    private static void join(TreeSet<Integer>[] sets, int[] group) {
        for (int a : group) {
            for (int b : group) {
                if (a >= 0 && b >= 0) {
                    sets[a].add(b);
                }
            }
        }
    }
}
