/** Where things lie: layouts looked at and changed, what to cut, leftovers, dies, make-ready, templates. */
@NullMarked
package glanzen.app.layout;

import org.jspecify.annotations.NullMarked;
