package oldtallow.app.platform.write;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import oldtallow.app.platform.problem.ConflictException;
import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.PostMapping;

/**
 * Makes whatever one request changes one transaction, its answer included: saved whole before anybody is told, or not at all.
 * An entry sent several times at once is let through one after the other, so that all but the first find it there.
 */
public final class OneWrite implements MethodInterceptor {

    private static final String ID = "id";

    private final Supplier<TransactionTemplate> transactions;
    private final Supplier<SentEntries> entries;
    private final Turns turns;

    OneWrite(Supplier<TransactionTemplate> transactions, Supplier<SentEntries> entries, Turns turns) {
        this.transactions = transactions;
        this.entries = entries;
        this.turns = turns;
    }

    @Override
    public @Nullable Object invoke(MethodInvocation handler) throws Throwable {
        turns.await(); // now that the body is here: nobody on a slow line keeps others waiting
        Outcome outcome;
        try {
            outcome = write(handler);
        } finally {
            turns.leave();
        }
        if (outcome.refused() != null) {
            throw outcome.refused();
        }
        return outcome.answer();
    }

    private Outcome write(MethodInvocation handler) {
        return Objects.requireNonNull(transactions.get().execute(status -> {
            try {
                holdEntry(handler);
                return new Outcome(handler.proceed(), null);
            } catch (Throwable refused) {
                status.setRollbackOnly();
                return new Outcome(null, refused);
            }
        }));
    }

    /** A new entry comes under an id of its own; what changes or removes a record names that one in its address. */
    private void holdEntry(MethodInvocation handler) {
        Optional<UUID> own =
                Arrays.stream(handler.getArguments()).flatMap(OneWrite::ownId).findFirst();
        if (own.isPresent() && AnnotatedElementUtils.hasAnnotation(handler.getMethod(), PostMapping.class)) {
            if (!entries.get().keep(own.get(), SentBody.digest())) {
                throw ConflictException.idIsTaken();
            }
        } else {
            own.or(() -> lastId(handler.getArguments())).ifPresent(entries.get()::hold);
        }
    }

    private static Optional<UUID> lastId(@Nullable Object[] address) {
        return Arrays.asList(address).reversed().stream()
                .filter(UUID.class::isInstance)
                .map(UUID.class::cast)
                .findFirst();
    }

    private static Stream<UUID> ownId(@Nullable Object body) {
        if (body == null || !body.getClass().isRecord()) {
            return Stream.empty();
        }
        return Stream.of(body.getClass().getRecordComponents())
                .filter(component -> component.getName().equals(ID) && component.getType() == UUID.class)
                .flatMap(component -> Stream.ofNullable((UUID) read(component, body)));
    }

    private static @Nullable Object read(RecordComponent component, Object body) {
        try {
            component.getAccessor().setAccessible(true); // the forms are package-private
            return component.getAccessor().invoke(body);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("cannot read " + component, e);
        }
    }

    private record Outcome(
            @Nullable Object answer, @Nullable Throwable refused) {}
}
