package oldtallow.core.procedure.step;

/** Tools a step needs. */
public enum Tool {
    MANUAL("the maker's manual"),
    LAMP("good light"),
    CALLIPER("calliper"),
    TAPE("tape measure"),
    PAINT_MARKER("paint marker"),
    CHOCKS("chocks"),
    WHEEL_BRACE("wheel brace"),
    JACK("jack"),
    STANDS("axle stands"),
    THERMOMETER("infrared thermometer"),
    DIAL_INDICATOR("dial indicator with a magnet foot"),
    SPRING_SCALE("spring scale"),
    PRY_BAR("pry bar"),
    WIRE_HOOK("wire hook"),
    CAP_PLIERS("cap pliers"),
    SOFT_HAMMER("soft hammer"),
    HAMMER("hammer"),
    COLD_CHISEL("cold chisel, square edge"),
    DRIFT("soft drift"),
    PLIERS("pliers"),
    CIRCLIP_PLIERS("circlip pliers"),
    SCREWDRIVER("screwdriver"),
    SOCKET_SET("sockets and ratchet"),
    NUT_SOCKET("socket for the spindle nut"),
    PIN_SPANNER("pin spanner"),
    HUB_BAR("bar across two studs, to hold the hub"),
    BALL_JOINT_SPLITTER("ball-joint splitter"),
    SEAL_LEVER("seal lever"),
    PULLER("puller"),
    BLOCKS("wooden blocks"),
    TRAY("tray with a clean rag"),
    BAGS("bags and labels"),
    DRAIN_PAN("drain pan"),
    PARTS_WASHER("parts washer or tray and brush"),
    COMPRESSED_AIR("compressed air"),
    RACE_DRIVER("race driver or old cup"),
    PRESS("press"),
    WELDER("welder"),
    GRINDER("grinder"),
    OVEN("oven or heat plate"),
    FREEZER("freezer"),
    FEELER("feeler gauge"),
    FINE_FILE("fine file"),
    BEARING_PACKER("bearing packer"),
    GREASE_GUN("grease gun"),
    SEAL_DRIVER("seal driver"),
    TORQUE_WRENCH_SMALL("small torque wrench, inch-pounds"),
    TORQUE_WRENCH("torque wrench"),
    GOGGLES("goggles"),
    GLOVES("gloves"),
    MASK("dust mask"),
    DOLLY("wheel dolly or hoist");

    private final String words;

    Tool(String words) {
        this.words = words;
    }

    /** Whether the right one depends on the hub. */
    public boolean comesInSizes() {
        return switch (this) {
            case SOCKET_SET, NUT_SOCKET, PIN_SPANNER, WHEEL_BRACE, TORQUE_WRENCH -> true;
            default -> false;
        };
    }

    public String words() {
        return words;
    }
}
