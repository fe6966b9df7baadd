/** What the page has to know of the craft before anything is asked: words, ranges, orders and what things start from. */
@NullMarked
package glanzen.app.vocabulary;

import org.jspecify.annotations.NullMarked;
