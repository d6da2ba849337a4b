package vantbreeze.server.web;

import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.config.annotation.ContentNegotiationConfigurer;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Serves the built front end. */
@Configuration
class FrontEnd implements WebMvcConfigurer {

    private static final int SECONDS_OF_A_YEAR = 31_536_000;

    /** There is JSON and nothing else, whatever a request would rather have. */
    @Override
    public void configureContentNegotiation(ContentNegotiationConfigurer negotiation) {
        negotiation.ignoreAcceptHeader(true).defaultContentType(MediaType.APPLICATION_JSON);
    }

    /** Built files carry a hash in their name and never change. */
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(java.time.Duration.ofSeconds(SECONDS_OF_A_YEAR)));
    }
}
