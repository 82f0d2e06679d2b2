package bathyra.bench;

import bathyra.files.json.BadDocument;
import bathyra.files.json.PatternJson;
import bathyra.geometry.Path;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.stream.Stream;

/** How far the outlines of one folder of pattern documents lie from those of another, edge by edge: what a change to the structure must leave alone. */
public final class OutlineDistance {
    private static final int PLACES = 40;

    private OutlineDistance() {}

    /** @param folders the patterns of the one program, and of the other, under the same names */
    public static void main(String[] folders) throws IOException, BadDocument {
        java.nio.file.Path before = java.nio.file.Path.of(folders[0]);
        java.nio.file.Path after = java.nio.file.Path.of(folders[1]);
        List<java.nio.file.Path> documents;
        try (Stream<java.nio.file.Path> all = Files.walk(before)) {
            documents = all.filter(file -> file.toString().endsWith("pattern.json"))
                    .sorted()
                    .toList();
        }
        double most = 0;
        int pieces = 0;
        for (java.nio.file.Path document : documents) {
            Pattern a = PatternJson.read(Files.readString(document));
            Pattern b = PatternJson.read(Files.readString(after.resolve(before.relativize(document))));
            if (!a.pieces().stream()
                    .map(Piece::id)
                    .toList()
                    .equals(b.pieces().stream().map(Piece::id).toList())) {
                System.out.println(document.getFileName() + ": other pieces");
                most = Double.POSITIVE_INFINITY;
                continue;
            }
            for (int i = 0; i < a.pieces().size(); i++) {
                most = Math.max(most, distance(a.pieces().get(i), b.pieces().get(i)));
                pieces++;
            }
        }
        System.out.println(documents.size() + " patterns, " + pieces + " pieces, farthest apart " + most + " mm");
    }

    private static double distance(Piece a, Piece b) {
        if (a.outline().size() != b.outline().size()) {
            return Double.POSITIVE_INFINITY;
        }
        double most = 0;
        for (int i = 0; i < a.outline().size(); i++) {
            Path one = a.outline().get(i).path();
            Path other = b.outline().get(i).path();
            boolean same = a.outline().get(i).name().equals(b.outline().get(i).name());
            most = same ? most : Double.POSITIVE_INFINITY;
            for (int k = 0; k <= PLACES; k++) {
                most = Math.max(
                        most,
                        one.at(one.length() * k / PLACES)
                                .point()
                                .distance(other.at(other.length() * k / PLACES).point()));
            }
        }
        return most;
    }
}
