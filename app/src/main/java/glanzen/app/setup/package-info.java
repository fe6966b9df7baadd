/**
 * Drafts, which name things by key, to set-ups and back; forecasts, advice, schools and pictures of them; saved set-ups.
 * It knows neither runs nor pulls.
 */
@NullMarked
package glanzen.app.setup;

import org.jspecify.annotations.NullMarked;
