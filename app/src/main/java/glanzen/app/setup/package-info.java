/** Drafts and saved set-ups; forecasts, advice and pictures of them. */
@NullMarked
package glanzen.app.setup;

import org.jspecify.annotations.NullMarked;
