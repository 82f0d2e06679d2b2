package bathyra.app.workshop;

import bathyra.bone.Bones;
import bathyra.book.WorkshopBook;
import java.util.Optional;

/** How far the commission in hand has come: how its stages stand, and what the book keeps of that for its lists. */
public final class Progress {
    private final Workshop workshop;
    private final WorkshopBook book;
    private final BlockInHand block;
    private final PlannedBones bones = new PlannedBones();
    private long bonesSaid;

    Progress(Workshop workshop, WorkshopBook book, BlockInHand block) {
        this.workshop = workshop;
        this.book = book;
        this.block = block;
    }

    /** How the stages of the commission in hand stand. */
    public Standing standing() {
        return new Standing(
                workshop.commission(),
                workshop.refusal().isPresent() ? Optional.empty() : workshop.draft(),
                () -> block.known(workshop.commission()),
                this::bonesToLookAt);
    }

    /** The bones of the half in view, planned once a draft. */
    public Optional<Bones> bones() {
        return bones.of(workshop.half());
    }

    /** While something is in hand the rail says what it said before: planning the bones is not worth a part of a frame. */
    private long bonesToLookAt() {
        if (!workshop.isChanging()) {
            bonesSaid = bones().map(Standing::toLookAt).orElse(0L);
        }
        return bonesSaid;
    }

    /** Notes for the list how far the commission in hand has come. */
    void keep() {
        if (!workshop.isDrafting()) {
            book.commissions().state(workshop.id(), standing().line());
            countWork();
        }
    }

    /** Keeps in the book what there is to do on the commission in hand. */
    public void countWork() {
        if (!workshop.isDrafting() && workshop.refusal().isEmpty()) {
            workshop.draft().ifPresent(d -> workshop.work().count(workshop.id(), d));
        }
    }
}
