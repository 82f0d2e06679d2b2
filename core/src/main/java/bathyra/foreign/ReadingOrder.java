package bathyra.foreign;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Pieces in the order in which one reads them off the sheet: row by row, from the left. */
final class ReadingOrder {
    private ReadingOrder() {}

    static List<Taking.Outline> of(List<Taking.Outline> outlines) {
        List<Taking.Outline> left = new ArrayList<>(outlines);
        left.sort(Comparator.comparingDouble(o -> o.ring().bounds().top()));
        List<Taking.Outline> order = new ArrayList<>();
        while (!left.isEmpty()) {
            Bounds first = left.get(0).ring().bounds();
            // A piece whose middle lies beside the first one of the row belongs to it.
            List<Taking.Outline> row = left.stream()
                    .filter(o -> (o.ring().bounds().top() + o.ring().bounds().bottom()) / 2 < first.bottom())
                    .sorted(Comparator.comparingDouble(o -> o.ring().bounds().left()))
                    .toList();
            List<Taking.Outline> taken = row.isEmpty() ? List.of(left.get(0)) : row;
            order.addAll(taken);
            left.removeAll(taken);
        }
        return order;
    }
}
