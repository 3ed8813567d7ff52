package oldtallow.phone.kept;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.register.reference.CatalogueSet;
import oldtallow.app.register.reference.CatalogueStore;
import oldtallow.app.register.reference.FigureStore;
import oldtallow.app.register.reference.FiledFigure;
import oldtallow.app.register.reference.OwnProcedure;
import oldtallow.app.register.reference.Place;
import oldtallow.app.register.reference.ProcedureStore;
import oldtallow.app.register.reference.ToolStore;
import oldtallow.app.register.reference.WorkshopTool;
import oldtallow.app.trackside.model.TakenAlong;
import oldtallow.core.bearing.CatalogueEntry;
import oldtallow.core.schedule.figure.FigureKind;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.GoverningFigure;

/** The workshop's own figures, procedures, sets and tools: looked up here, changed on the server. */
final class KeptReference {

    private KeptReference() {}

    static FigureStore figures(TakenAlong.Register taken) {
        return new Figures(taken.figures());
    }

    static ProcedureStore procedures(TakenAlong.Register taken) {
        return new Procedures(taken.procedures());
    }

    static CatalogueStore sets(TakenAlong.Register taken) {
        return new Sets(taken.sets());
    }

    static ToolStore tools(TakenAlong.Register taken) {
        return new Tools(taken.tools());
    }

    private record Figures(List<FiledFigure> figures) implements FigureStore {

        @Override
        public List<FiledFigure> at(Set<FigureKind> kinds, Collection<UUID> places) {
            return figures.stream()
                    .filter(one -> kinds.contains(one.figure().value().kind())
                            && places.contains(one.place().id()))
                    .toList();
        }

        @Override
        public List<FiledFigure> all(FigureKind kind) {
            return figures.stream()
                    .filter(one -> one.figure().value().kind() == kind)
                    .toList();
        }

        @Override
        public boolean put(Place place, int version, GoverningFigure<FigureValue> figure) {
            throw Rows.needsServer();
        }

        @Override
        public boolean remove(UUID figureId, int version) {
            throw Rows.needsServer();
        }
    }

    private record Procedures(List<OwnProcedure> all) implements ProcedureStore {

        @Override
        public boolean put(OwnProcedure procedure) {
            throw Rows.needsServer();
        }
    }

    private record Sets(List<CatalogueSet> own) implements CatalogueStore {

        @Override
        public boolean add(UUID id, CatalogueEntry entry) {
            throw Rows.needsServer();
        }

        @Override
        public boolean remove(UUID id) {
            throw Rows.needsServer();
        }
    }

    private record Tools(List<WorkshopTool> all) implements ToolStore {

        @Override
        public boolean put(WorkshopTool tool) {
            throw Rows.needsServer();
        }

        @Override
        public boolean remove(UUID id) {
            throw Rows.needsServer();
        }
    }
}
