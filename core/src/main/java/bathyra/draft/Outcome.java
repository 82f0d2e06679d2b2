package bathyra.draft;

/** What comes of a commission: a draft, or the reasons why there is none. */
public sealed interface Outcome permits Draft, Refusal {}
