package oldtallow.app.platform.persistence;

import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jooq.autoconfigure.ExceptionTranslatorExecuteListener;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.jdbc.support.SQLErrorCodeSQLExceptionTranslator;

@Configuration(proxyBeanMethods = false)
class TransactionConfiguration {

    @Bean
    static JdbcTransactionManager transactionManager(DataSource dataSource) {
        return new KnownCommits(dataSource);
    }

    /** What the database refuses is told in one kind of exception, whatever its code. */
    @Bean
    static ExceptionTranslatorExecuteListener exceptionTranslator() {
        var byCode = new SQLErrorCodeSQLExceptionTranslator("PostgreSQL");
        return ExceptionTranslatorExecuteListener.of(context -> (task, sql, e) -> {
            @Nullable DataAccessException known = byCode.translate(task, sql, e);
            return known == null ? new UncategorizedSQLException(task, sql, e) : known;
        });
    }
}
