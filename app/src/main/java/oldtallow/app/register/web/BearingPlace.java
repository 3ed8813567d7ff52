package oldtallow.app.register.web;

import oldtallow.app.register.model.PartPlace;

/** Which of the two bearings. */
enum BearingPlace {
    INBOARD,
    OUTBOARD;

    PartPlace part() {
        return this == INBOARD ? PartPlace.INBOARD_BEARING : PartPlace.OUTBOARD_BEARING;
    }
}
