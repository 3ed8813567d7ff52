package oldtallow.app.platform;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Makes whatever one request changes one transaction, its answer included: saved whole before anybody is told, or not at all.
 * An entry sent several times at once is let through one after the other, so that all but the first find it there.
 */
final class OneWrite implements MethodInterceptor {

    private static final String ID = "id";

    private final Supplier<TransactionTemplate> transactions;
    private final Supplier<EntryLock> entries;
    private final Turns turns;

    OneWrite(Supplier<TransactionTemplate> transactions, Supplier<EntryLock> entries, Turns turns) {
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
            entryId(handler.getArguments()).ifPresent(entries.get()::hold);
            try {
                return new Outcome(handler.proceed(), null);
            } catch (Throwable refused) {
                status.setRollbackOnly();
                return new Outcome(null, refused);
            }
        }));
    }

    /** The id an entry is sent under: the body's own, or the last one in the address. */
    static Optional<UUID> entryId(@Nullable Object[] arguments) {
        return Stream.concat(
                        Arrays.stream(arguments).flatMap(OneWrite::ownId),
                        Arrays.asList(arguments).reversed().stream()
                                .filter(UUID.class::isInstance)
                                .map(UUID.class::cast))
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
