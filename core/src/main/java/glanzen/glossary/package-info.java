/** Words of the craft and what they mean. */
@NullMarked
package glanzen.glossary;

import org.jspecify.annotations.NullMarked;
