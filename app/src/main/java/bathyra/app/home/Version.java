package bathyra.app.home;

/** The program's version, as it stands in the files it writes. */
public final class Version {
    private Version() {}

    public static String number() {
        String packaged = Version.class.getPackage().getImplementationVersion();
        return packaged == null ? "0.1.0" : packaged;
    }
}
