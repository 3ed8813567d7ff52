package oldtallow.core.procedure.brief;

import java.util.EnumSet;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.CavityFill;

/** How far a job goes. */
public enum Scope {
    LOOK("look only", "Heat, spin, rock, and what shows under the cap; nothing else comes apart."),
    TOP_UP("top up only", "Grease through the cap's nipple, or oil to its mark; nothing comes apart."),
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

    /** As below; and what is topped up has to have where to put it: a spring-loaded cap, or oil. */
    public boolean isPossibleOn(Construction construction, Fittings fittings) {
        boolean takesMore = fittings.cap() == CapKind.SPRING_LOADED || fittings.cavity() == CavityFill.OIL;
        return isPossibleOn(construction) && (this != TOP_UP || takesMore);
    }

    /** An upright with bearings in it is no hub that could be exchanged at the axle, and its pair is work for a bench. */
    public boolean isPossibleOn(Construction construction) {
        return construction != Construction.SPACER_SET
                || !EnumSet.of(EXCHANGE, ROADSIDE, TOP_UP).contains(this);
    }

    /** By which procedure the nut is set where nobody chose one: at the roadside there is no torque wrench. */
    public ProcedureId procedure(ProcedureId governing) {
        boolean leavesTheNut = governing.equals(ProcedureId.SPACER_SET);
        return this == ROADSIDE && !leavesTheNut ? ProcedureId.LOCK_AND_FREE : governing;
    }

    /** Whether the bearings are reached, and with them everything that is left closed by looking, topping up and adjusting. */
    public boolean opens() {
        return !EnumSet.of(LOOK, TOP_UP, ADJUST).contains(this);
    }

    /** Whether the nut is set: not by looking, and not by topping up. */
    public boolean setsNut() {
        return this != LOOK && this != TOP_UP;
    }

    /** Whether a new hub goes on, or one on an axle that never ran. */
    public boolean takesNewHub() {
        return this == EXCHANGE || this == FIRST_BUILD;
    }

    /** Whether the hub comes off. */
    public boolean strips() {
        return opens() && this != FIRST_BUILD;
    }

    /** Whether both bearings are new whatever is found. */
    public boolean renewsBearings() {
        return this == RENEW || this == ROADSIDE || this == EXCHANGE || this == FIRST_BUILD;
    }
}
