package vantbreeze.server.web;

import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.config.annotation.ContentNegotiationConfigurer;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Serves the built front end; its own addresses all lead to the one page. */
@Configuration
class FrontEnd implements WebMvcConfigurer {

    private static final int SECONDS_OF_A_YEAR = 31_536_000;

    /** There is JSON and nothing else, whatever a request would rather have. */
    @Override
    public void configureContentNegotiation(ContentNegotiationConfigurer negotiation) {
        negotiation.ignoreAcceptHeader(true).defaultContentType(MediaType.APPLICATION_JSON);
    }

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        registry.addViewController("/").setViewName("forward:/index.html");
        registry.addViewController("/projects").setViewName("forward:/index.html");
        registry.addViewController("/bench/{id}").setViewName("forward:/index.html");
        registry.addViewController("/bench/{id}/layers").setViewName("forward:/index.html");
        registry.addViewController("/bench/{id}/post").setViewName("forward:/index.html");
    }

    /** Built files carry a hash in their name and never change. */
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(java.time.Duration.ofSeconds(SECONDS_OF_A_YEAR)));
        registry.addResourceHandler("/index.html")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache());
    }
}
