/** Errors, security, static files and the OpenAPI document. */
@NullMarked
package glanzen.app.web;

import org.jspecify.annotations.NullMarked;
