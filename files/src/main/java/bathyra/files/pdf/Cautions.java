package bathyra.files.pdf;

/** What stands on paper wherever somebody is laced (C17). */
final class Cautions {
    static final String LACING =
            "Lacing a body in can hurt it. Reduce little by little. Never in pregnancy, after surgery, or with a condition of heart, lungs, "
                    + "stomach, back or pelvic floor without the agreement of a doctor. Not for sleep or exercise. Loosen at once with pain, numbness, tingling, faintness, "
                    + "reflux or short breath. Never lace a child. Performers need free ribs. No figure makes a reduction safe. Follow local rules and licensed medical advice.";

    private Cautions() {}
}
