package vantbreeze.server.store;

import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class StoreConfiguration {

    /**
     * @param files the database's name for the file system that the data folder is on; by default the machine's own, opened
     *     anew where an interrupted thread took the file away
     */
    @Bean
    Database dataSource(@Value("${vantbreeze.data}") String data, @Value("${vantbreeze.files:retry}") String files) {
        return new Database(new DataFolder(Path.of(data).toAbsolutePath()), files);
    }
}
