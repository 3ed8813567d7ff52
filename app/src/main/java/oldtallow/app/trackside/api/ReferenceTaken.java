package oldtallow.app.trackside.api;

import oldtallow.app.register.reference.CatalogueStore;
import oldtallow.app.register.reference.FigureStore;
import oldtallow.app.register.reference.ProcedureStore;
import oldtallow.app.register.reference.ToolStore;
import org.springframework.stereotype.Component;

/** Where the workshop keeps what it looks things up in. */
@Component
record ReferenceTaken(FigureStore figures, ProcedureStore procedures, CatalogueStore sets, ToolStore tools) {}
