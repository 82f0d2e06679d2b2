package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class CoveringArrayTest {
    @Test
    void everyPairOfChoices_standsTogetherInSomeRow() {
        int[] sizes = {3, 2, 5, 4, 7};
        List<int[]> rows = CoveringArray.pairwise(sizes, 1);
        int wanted = 0;
        Set<List<Integer>> found = new HashSet<>();
        for (int a = 0; a < sizes.length; a++) {
            for (int b = a + 1; b < sizes.length; b++) {
                wanted += sizes[a] * sizes[b];
                for (int[] row : rows) {
                    found.add(List.of(a, b, row[a], row[b]));
                }
            }
        }
        assertThat(found).hasSize(wanted);
        assertThat(rows.size())
                .as("rows: no fewer than the two largest factors ask, and far fewer than all combinations")
                .isBetween(35, 60);
    }

    @Test
    void sameSeed_givesTheSameRows() {
        int[] sizes = {3, 3, 4};
        assertThat(CoveringArray.pairwise(sizes, 7).toArray(int[][]::new))
                .isDeepEqualTo(CoveringArray.pairwise(sizes, 7).toArray(int[][]::new));
    }
}
