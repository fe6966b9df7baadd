package glanzen.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.lang.annotation.Annotation;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Lets changes in side by side, and what must be {@link Alone} by itself. */
@Configuration
class Door implements WebMvcConfigurer, HandlerInterceptor {

    private static final Set<String> LOOKING = Set.of("GET", "HEAD", "OPTIONS");
    private static final String HELD = Door.class.getName();
    private static final int LONGEST_SECONDS = 60;

    private final ReentrantReadWriteLock lock = new ReentrantReadWriteLock(true);

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws InterruptedException {
        boolean alone = marked(handler, Alone.class);
        if (!alone && LOOKING.contains(request.getMethod()) || marked(handler, AnyTime.class)) {
            return true;
        }
        Lock mine = alone ? lock.writeLock() : lock.readLock();
        if (!mine.tryLock(LONGEST_SECONDS, TimeUnit.SECONDS)) {
            throw new Conflict("A workshop is being imported. Try again in a moment; nothing was changed.");
        }
        request.setAttribute(HELD, mine);
        return true;
    }

    private static boolean marked(Object handler, Class<? extends Annotation> mark) {
        return handler instanceof HandlerMethod method && method.hasMethodAnnotation(mark);
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception broken) {
        if (request.getAttribute(HELD) instanceof Lock mine) {
            request.removeAttribute(HELD);
            mine.unlock();
        }
    }
}
