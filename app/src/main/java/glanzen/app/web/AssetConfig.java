package glanzen.app.web;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.validation.Validator;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Scripts, styles and fonts have a hash of what is in them in their name: a browser need not ask for them twice. */
@Configuration
class AssetConfig implements WebMvcConfigurer {

    /** None: bodies check themselves as they are made. */
    @Override
    public Validator getValidator() {
        return Validator.forInstanceOf(Object.class, (body, errors) -> {});
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
    }
}
