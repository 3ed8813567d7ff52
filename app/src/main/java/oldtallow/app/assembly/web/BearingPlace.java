package oldtallow.app.assembly.web;

import oldtallow.app.fitted.PartPlace;

/** Which of the two bearings. */
enum BearingPlace {
    INBOARD,
    OUTBOARD;

    PartPlace part() {
        return this == INBOARD ? PartPlace.INBOARD_BEARING : PartPlace.OUTBOARD_BEARING;
    }
}
