package oldtallow.app.identity.persistence;

import java.sql.Connection;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.datasource.LazyConnectionDataSourceProxy;
import org.springframework.session.jdbc.config.annotation.SpringSessionDataSource;
import org.springframework.transaction.support.TransactionOperations;

@Configuration(proxyBeanMethods = false)
class WorkshopConnections {

    @Bean
    static BeanPostProcessor isolatedDataSource() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return name.equals("dataSource") && bean instanceof DataSource pool ? lazily(pool) : bean;
            }
        };
    }

    /**
     * Sessions belong to no workshop, and finding out who asks reads one: read through the wall that would happen twice at every
     * request.
     */
    @Bean(defaultCandidate = false, destroyMethod = "")
    @SpringSessionDataSource
    static DataSource sessionDataSource(DataSource dataSource) {
        return dataSource instanceof LazyConnectionDataSourceProxy lazy
                        && lazy.getTargetDataSource() instanceof WorkshopDataSource isolated
                ? isolated.pool()
                : dataSource;
    }

    /** A transaction borrows its connection at its first statement: none is held while a body is read or a sum done. */
    private static DataSource lazily(DataSource pool) {
        var lazy = new LazyConnectionDataSourceProxy();
        lazy.setTargetDataSource(new WorkshopDataSource(pool));
        // told, so that it need not ask the database before this answers
        lazy.setDefaultAutoCommit(true);
        lazy.setDefaultTransactionIsolation(Connection.TRANSACTION_READ_COMMITTED);
        return lazy;
    }

    /** A session is one row and what it holds: read in one question, and nobody signed in where only half of it was written. */
    @Bean(defaultCandidate = false)
    @Qualifier("springSessionTransactionOperations")
    static TransactionOperations springSessionTransactionOperations() {
        return TransactionOperations.withoutTransaction();
    }
}
