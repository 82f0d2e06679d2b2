package bathyra.app.command;

import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.DocumentText;
import bathyra.garment.Commission;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/**
 * A commission document that is named on the command line, drafted.
 *
 * @param draft nothing where there is none
 * @param code the exit code where there is none
 * @param faults why there is none, a line each
 */
record DraftedFile(Optional<Draft> draft, int code, List<String> faults) {
    static DraftedFile read(Path input) {
        Commission commission;
        try {
            commission = CommissionJson.read(DocumentText.read(input, DocumentText.COMMISSION_MOST));
        } catch (BadDocument e) {
            return new DraftedFile(Optional.empty(), Exit.INPUT, e.faults());
        } catch (IOException e) {
            return new DraftedFile(
                    Optional.empty(),
                    Exit.INPUT,
                    List.of("file: " + input + " cannot be read; the path of a commission document"));
        }
        Outcome outcome = Drafter.draft(commission);
        if (outcome instanceof Refusal refusal) {
            return new DraftedFile(
                    Optional.empty(),
                    switch (refusal.cause()) {
                        case INPUT -> Exit.INPUT;
                        case PROGRAM -> Exit.PROGRAM;
                        default -> Exit.NO_PATTERN;
                    },
                    refusal.reasons().stream()
                            .map(f -> DraftCommand.plain(f.sentence().in(commission.units())))
                            .toList());
        }
        return new DraftedFile(Optional.of((Draft) outcome), Exit.DONE, List.of());
    }
}
