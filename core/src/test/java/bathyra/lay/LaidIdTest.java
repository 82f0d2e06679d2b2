package bathyra.lay;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.piece.PieceRole;
import org.junit.jupiter.api.Test;

class LaidIdTest {
    @Test
    void everyPieceOfEitherHalf_isReadAsItWasWritten() {
        for (String piece : PieceRole.ids()) {
            for (boolean right : new boolean[] {false, true}) {
                LaidId id = new LaidId(piece, right);
                assertThat(LaidId.read(id.text())).isEqualTo(id);
            }
        }
    }

    /** Books and documents hold these ids. */
    @Test
    void theMark_staysWhatItWas() {
        assertThat(new LaidId("F1", true).text()).isEqualTo("F1-right");
        assertThat(new LaidId("F1", false).text()).isEqualTo("F1");
    }
}
