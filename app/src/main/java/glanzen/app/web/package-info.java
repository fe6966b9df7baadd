/**
 * Errors as problem details, security, pictures in and out, static files, the OpenAPI document. It knows no room.
 */
@NullMarked
package glanzen.app.web;

import org.jspecify.annotations.NullMarked;
