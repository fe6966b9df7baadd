package glanzen.app.keeping;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A text of any length, mostly JSON, read at once: letter by letter it takes as long again as everything else. */
@JdbcTypeCode(SqlTypes.LONG32VARCHAR)
@Target(ElementType.FIELD)
@Retention(RetentionPolicy.RUNTIME)
public @interface AsText {}
