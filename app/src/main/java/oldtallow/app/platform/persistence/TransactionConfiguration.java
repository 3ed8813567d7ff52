package oldtallow.app.platform.persistence;

import javax.sql.DataSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.support.JdbcTransactionManager;

@Configuration(proxyBeanMethods = false)
class TransactionConfiguration {

    @Bean
    static JdbcTransactionManager transactionManager(DataSource dataSource) {
        return new KnownCommits(dataSource);
    }
}
