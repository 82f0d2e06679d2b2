package bathyra.app.settings;

import bathyra.app.workshop.Workshop;
import bathyra.book.Backups;
import bathyra.files.json.BadDocument;
import bathyra.files.json.DocumentText;
import bathyra.files.json.HouseRulesJson;
import bathyra.garment.HouseRules;
import bathyra.garment.HouseRules.Group;
import bathyra.length.LengthUnit;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.slf4j.LoggerFactory;

/** What can be set for the whole workshop. */
final class SettingsModel {
    /** A document of rules is small. */
    private static final int RULES_MOST = 1_000_000;

    private final Workshop workshop;
    private final Runnable changed;

    SettingsModel(Workshop workshop, Runnable changed) {
        this.workshop = workshop;
        this.changed = changed;
    }

    HouseRules rules() {
        return workshop.kept().houseRules().get();
    }

    private void keep(HouseRules next) {
        workshop.kept().houseRules().keep(next);
        changed.run();
    }

    /** Makes a group a rule of the house as the commission in hand has it. */
    void take(Group group) {
        keep(rules().as(group, workshop.commission().garment()));
    }

    void giveUp(Group group) {
        keep(rules().without(group));
    }

    void units(LengthUnit unit) {
        keep(rules().in(unit));
    }

    /** Whether the commission in hand has a group otherwise than the house. */
    boolean isOtherwise(Group group) {
        return !rules().as(group, workshop.commission().garment()).equals(rules());
    }

    /** Writes the rules of the house. @return what happened, in words */
    String write(Path path) {
        try {
            Files.writeString(path, HouseRulesJson.write(rules()), StandardCharsets.UTF_8);
            return "The rules of the house are written to " + path.getFileName() + ".";
        } catch (IOException e) {
            LoggerFactory.getLogger(SettingsModel.class).warn("writing the rules of the house", e);
            return path.getFileName() + " could not be written. Choose a place that you may write to, with room.";
        }
    }

    /** Takes the rules of a house in. @return what happened, in words */
    String read(Path path) {
        try {
            HouseRules read = HouseRulesJson.read(DocumentText.read(path, RULES_MOST));
            keep(read);
            return "The rules of " + path.getFileName()
                    + " are those of this house now; new commissions begin with them.";
        } catch (BadDocument e) {
            return path.getFileName() + " was not taken in, and the rules stay as they are. "
                    + e.faults().get(0) + ".";
        } catch (IOException e) {
            LoggerFactory.getLogger(SettingsModel.class).warn("reading the rules of a house", e);
            return path.getFileName() + " could not be read. Look whether it is there and whether you may read it.";
        }
    }

    Backups.Policy backups() {
        return workshop.book().copies().policy();
    }

    /** Takes how many backups are kept. @return what is wrong with it */
    Optional<String> backups(String typed) {
        String text = typed.strip();
        int most = Backups.Policy.MOST;
        if (!text.matches("\\d{1,3}")
                || Integer.parseInt(text) < Backups.Policy.LEAST
                || Integer.parseInt(text) > most) {
            return Optional.of("Type a whole number from " + Backups.Policy.LEAST + " to " + most + ".");
        }
        workshop.book()
                .copies()
                .makeBy(new Backups.Policy(Integer.parseInt(text), backups().second()));
        changed.run();
        return Optional.empty();
    }

    /** @param folder empty for none */
    void second(Optional<Path> folder) {
        workshop.book().copies().makeBy(new Backups.Policy(backups().kept(), folder));
        changed.run();
    }

    Path book() {
        return workshop.book().file().toAbsolutePath();
    }
}
