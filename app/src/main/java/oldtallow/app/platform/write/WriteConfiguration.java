package oldtallow.app.platform.write;

import java.lang.reflect.Method;
import java.time.Duration;
import org.springframework.aop.Advisor;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.StaticMethodMatcherPointcut;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.core.env.Environment;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;

/** Every request that may change something is {@link OneWrite}, unless it says that it is not. */
@Configuration(proxyBeanMethods = false)
@Role(BeanDefinition.ROLE_INFRASTRUCTURE)
class WriteConfiguration {

    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static Advisor oneWrite(
            ObjectProvider<TransactionTemplate> transactions,
            ObjectProvider<SentEntries> entries,
            Environment settings) {
        var turns = new Turns(
                settings.getProperty(
                        "oldtallow.writes-at-once",
                        Integer.class,
                        Runtime.getRuntime().availableProcessors() + 1),
                settings.getRequiredProperty("oldtallow.write-patience", Duration.class));
        return new DefaultPointcutAdvisor(
                new Writes(), new OneWrite(transactions::getObject, entries::getObject, turns));
    }

    private static final class Writes extends StaticMethodMatcherPointcut {

        @Override
        public boolean matches(Method method, Class<?> type) {
            return (AnnotatedElementUtils.hasAnnotation(method, PostMapping.class)
                            || AnnotatedElementUtils.hasAnnotation(method, PutMapping.class)
                            || AnnotatedElementUtils.hasAnnotation(method, DeleteMapping.class))
                    && !AnnotatedElementUtils.hasAnnotation(method, OwnTransactions.class);
        }
    }
}
