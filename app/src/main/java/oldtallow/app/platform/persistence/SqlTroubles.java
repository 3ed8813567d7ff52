package oldtallow.app.platform.persistence;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.List;
import java.util.Optional;
import oldtallow.app.platform.problem.Trouble;
import oldtallow.app.platform.problem.Troubles;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** By the error codes of PostgreSQL (its manual, appendix A). */
@Component
class SqlTroubles implements Troubles {

    /** Connection lost, server stopping or starting, its system or itself broken: the session does not go on. */
    private static final List<String> LOST = List.of("08", "57P", "58", "XX");

    private static final String RESOURCES = "53";

    @Override
    public Trouble of(Throwable thrown) {
        @Nullable SQLException e = find(thrown, SQLException.class);
        if (e == null) {
            return Trouble.REFUSED;
        }
        if (e instanceof SQLTransientConnectionException && e.getCause() == null) {
            return Trouble.BUSY; // every connection of the pool is lent, and none was refused by the database
        }
        String state = Optional.ofNullable(e.getSQLState()).orElse("08000");
        return switch (state) {
            case "53100" -> Trouble.FULL;
            case "25006" -> Trouble.READ_ONLY;
            case "57014" -> Trouble.SLOW;
            case "40001", "40P01", "55P03", "53300" -> Trouble.BUSY;
            default -> isAway(state) ? Trouble.UNREACHABLE : Trouble.REFUSED;
        };
    }

    /** Whether the database itself refused a commit, so that nothing was kept; else nobody knows. */
    static boolean isRefused(Throwable thrown) {
        @Nullable SQLException e = find(thrown, SQLException.class);
        return e != null && e.getSQLState() != null && LOST.stream().noneMatch(e.getSQLState()::startsWith);
    }

    private static boolean isAway(String state) {
        return state.startsWith(RESOURCES) || LOST.stream().anyMatch(state::startsWith);
    }

    private static <T extends Throwable> @Nullable T find(Throwable thrown, Class<T> type) {
        for (@Nullable Throwable e = thrown; e != null; e = e.getCause()) {
            if (type.isInstance(e)) {
                return type.cast(e);
            }
        }
        return null;
    }
}
