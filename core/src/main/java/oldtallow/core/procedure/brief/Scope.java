package oldtallow.core.procedure.brief;

import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.hub.Construction;

/** How far a job goes. */
public enum Scope {
    ADJUST("adjust only", "Take up or back off the nut; nothing else comes apart."),
    REPACK("inspect and repack", "Strip, clean, judge, new grease and seal; bearings stay where they pass."),
    RENEW("renew bearings and races", "New cups and cones in the same hub."),
    EXCHANGE("hub exchange", "A complete new hub with its bearings."),
    ROADSIDE("roadside rescue", "Packed spares from the bag, by hand tools, to get home."),
    FIRST_BUILD("first build of a new hub", "A bare spindle and new parts.");

    private final String words;
    private final String means;

    Scope(String words, String means) {
        this.words = words;
        this.means = means;
    }

    public String words() {
        return words;
    }

    /** What it comprises. */
    public String means() {
        return means;
    }

    /** An upright with bearings in it is no hub that could be exchanged at the axle, and its pair is work for a bench. */
    public boolean isPossibleOn(Construction construction) {
        return construction != Construction.SPACER_SET || (this != EXCHANGE && this != ROADSIDE);
    }

    /** By which procedure the nut is set where nobody chose one: at the roadside there is no torque wrench. */
    public ProcedureId procedure(ProcedureId governing) {
        boolean leavesTheNut = governing.equals(ProcedureId.SPACER_SET);
        return this == ROADSIDE && !leavesTheNut ? ProcedureId.LOCK_AND_FREE : governing;
    }

    /** Whether bearings are put on the spindle: everything but adjusting. */
    public boolean opens() {
        return this != ADJUST;
    }

    /** Whether a new hub goes on, or one on an axle that never ran. */
    public boolean takesNewHub() {
        return this == EXCHANGE || this == FIRST_BUILD;
    }

    /** Whether the hub comes off. */
    public boolean strips() {
        return this != ADJUST && this != FIRST_BUILD;
    }

    /** Whether both bearings are new whatever is found. */
    public boolean renewsBearings() {
        return this == RENEW || this == ROADSIDE || this == EXCHANGE || this == FIRST_BUILD;
    }
}
