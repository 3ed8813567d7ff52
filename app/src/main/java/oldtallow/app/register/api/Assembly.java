package oldtallow.app.register.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.platform.problem.NotFoundException;
import oldtallow.app.register.model.DrawnSection;
import oldtallow.app.register.model.FittedPart;
import oldtallow.app.register.model.HubEntry;
import oldtallow.app.register.model.PartEntry;
import oldtallow.app.register.model.PartPlace;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.RigEntry;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.register.model.WheelEndBuild;
import oldtallow.core.bearing.SetDesignation;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts rigs, hubs and parts together, and refuses what could not be put together in the shop. */
@Service
public class Assembly {

    private final Register register;
    private final FittedParts fitted;
    private final Shapes shapes;
    private final Catalogue catalogue;
    private final Clock clock;

    Assembly(Register register, FittedParts fitted, Shapes shapes, Catalogue catalogue, Clock clock) {
        this.register = register;
        this.fitted = fitted;
        this.shapes = shapes;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /** An axle as it is entered; numbers that are null are the usual ones for the rig's kind. */
    public record AxleEntry(
            @Nullable Integer fromFrontMillimetres,
            @Nullable Integer trackMillimetres,
            HubEntry left,
            HubEntry right) {}

    /** Enters a rig with everything known about it; a rig that is there under this id stays as it is. */
    @Transactional
    public Rig enter(UUID id, RigEntry entry, List<AxleEntry> axles) {
        Optional<Rig> earlier = register.rigs(List.of(id)).stream().findFirst();
        if (earlier.isPresent()) {
            return earlier.get(); // the same save, tried again
        }
        var errors = new FieldErrors();
        for (int i = 0; i < axles.size(); i++) {
            check(axles.get(i).left(), "axles[" + i + "].left.", errors);
            check(axles.get(i).right(), "axles[" + i + "].right.", errors);
        }
        errors.throwIfAny();
        Rig rig = register.enter(
                id,
                entry,
                axles.stream()
                        .map(axle -> new Register.AxleEntry(
                                axle.fromFrontMillimetres(),
                                axle.trackMillimetres(),
                                axle.left().build(),
                                axle.right().build()))
                        .toList());
        for (int i = 0; i < axles.size(); i++) {
            List<WheelEnd> ends = rig.axles().get(i).wheelEnds();
            axles.get(i)
                    .left()
                    .parts()
                    .forEach(part -> fitted.fit(ends.getFirst().id(), part));
            axles.get(i)
                    .right()
                    .parts()
                    .forEach(part -> fitted.fit(ends.getLast().id(), part));
        }
        register.touched(id);
        return register.rig(id);
    }

    /** Dates a new build of a wheel end, if the bearings that are in it go with it. */
    @Transactional
    public WheelEnd rebuild(UUID wheelEndId, int version, WheelEndBuild build) {
        WheelEnd end = register.wheelEnd(wheelEndId);
        var errors = new FieldErrors();
        shapes.check(build, Shapes.Bearings.of(fitted.fittedTo(wheelEndId)), "", errors);
        errors.throwIfAny();
        register.changeBuild(end, version, build);
        return register.wheelEnd(wheelEndId);
    }

    /** Puts a part in, if it goes with the rest. */
    @Transactional
    public List<FittedPart> fit(UUID wheelEndId, PartEntry entry) {
        WheelEnd end = register.wheelEnd(wheelEndId);
        refuseOddBearing(end, entry);
        fitted.fit(wheelEndId, entry);
        register.touched(end.rigId());
        return fitted.of(List.of(wheelEndId));
    }

    /**
     * Puts a typing error right: the part is the same one, and was always meant to be written so.
     *
     * @param entry under the id of the part, in the same place
     */
    @Transactional
    public List<FittedPart> correct(UUID wheelEndId, PartEntry entry) {
        WheelEnd end = register.wheelEnd(wheelEndId);
        refuseOddBearing(end, entry);
        if (!fitted.correct(wheelEndId, entry)) {
            throw new NotFoundException("part fitted to this wheel end", entry.id());
        }
        register.touched(end.rigId());
        return fitted.of(List.of(wheelEndId));
    }

    private void refuseOddBearing(WheelEnd end, PartEntry entry) {
        if (!entry.place().isBearing()) {
            return;
        }
        var errors = new FieldErrors();
        entry.cupDesignation().ifPresent(cup -> catalogue.check("designation", entry.designation(), cup, errors));
        errors.throwIfAny();
        var bearings = Shapes.Bearings.of(fitted.fittedTo(end.id())).with(entry.place(), set(entry));
        errors.at("designation", () -> shapes.shape(end.build(), bearings));
        errors.throwIfAny();
    }

    @Transactional
    public List<FittedPart> takeOff(UUID wheelEndId, PartPlace place) {
        WheelEnd end = register.wheelEnd(wheelEndId);
        fitted.takeOff(wheelEndId, place);
        register.touched(end.rigId());
        return fitted.of(List.of(wheelEndId));
    }

    /** Whither a wheel end is copied. */
    public enum CopyTo {
        OTHER_SIDE,
        ALL_AXLES
    }

    /**
     * Makes other wheel ends of the rig like this one: its build as of today, and the numbers of its parts where the other
     * has none in that place. Batches, days and pair numbers are of one part each and stay behind.
     */
    @Transactional
    public Rig copy(UUID wheelEndId, CopyTo to) {
        WheelEnd from = register.wheelEnd(wheelEndId);
        List<FittedPart> parts = fitted.fittedTo(wheelEndId);
        LocalDate today = LocalDate.now(clock);
        Rig rig = register.rig(from.rigId());
        rig.wheelEnds()
                .filter(end -> !end.id().equals(from.id()))
                .filter(end -> to == CopyTo.ALL_AXLES || end.axleId().equals(from.axleId()))
                .forEach(end -> {
                    copyParts(parts, end);
                    WheelEndBuild alike = from.build().from(today);
                    if (!end.build().from(today).equals(alike)) {
                        rebuild(end.id(), end.version(), alike);
                    }
                });
        return register.rig(from.rigId());
    }

    /** What is or was fitted to a wheel end, by place, the latest first. */
    @Transactional(readOnly = true)
    public List<FittedPart> parts(UUID wheelEndId) {
        return fitted.of(List.of(register.wheelEnd(wheelEndId).id()));
    }

    /** The section of a wheel end as it is today. */
    @Transactional(readOnly = true)
    public DrawnSection section(UUID wheelEndId) {
        WheelEnd end = register.wheelEnd(wheelEndId);
        return DrawnSection.of(shapes.shape(end.build(), Shapes.Bearings.of(fitted.fittedTo(wheelEndId))));
    }

    /** The section of a wheel end that is not in the register, or not yet. */
    @Transactional(readOnly = true)
    public DrawnSection section(
            WheelEndBuild build, Optional<SetDesignation> inboard, Optional<SetDesignation> outboard) {
        var errors = new FieldErrors();
        return DrawnSection.of(errors.require(shapes.check(build, new Shapes.Bearings(inboard, outboard), "", errors)));
    }

    private void check(HubEntry hub, String path, FieldErrors errors) {
        var bearings = new Shapes.Bearings(Optional.empty(), Optional.empty());
        for (PartEntry part : hub.parts()) {
            part.cupDesignation()
                    .ifPresent(cup -> catalogue.check(
                            path + (part.place() == PartPlace.INBOARD_BEARING ? "inboard" : "outboard"),
                            part.designation(),
                            cup,
                            errors));
            bearings = bearings.with(part.place(), set(part));
        }
        shapes.check(hub.build(), bearings, path, errors);
    }

    private void copyParts(List<FittedPart> parts, WheelEnd to) {
        List<PartPlace> taken = new ArrayList<>(
                fitted.fittedTo(to.id()).stream().map(FittedPart::place).toList());
        parts.stream()
                .filter(part -> !taken.contains(part.place()))
                .forEach(part -> fitted.fit(
                        to.id(),
                        new PartEntry(
                                UUID.randomUUID(),
                                part.place(),
                                part.designation(),
                                Optional.ofNullable(part.cupDesignation()),
                                Optional.empty(),
                                Optional.empty(),
                                "",
                                "",
                                null,
                                null,
                                null,
                                part.condition())));
    }

    private static Optional<SetDesignation> set(PartEntry part) {
        return part.cupDesignation().flatMap(cup -> SetDesignation.ofIfStandard(part.designation(), cup));
    }
}
