/**
 * The whole workshop as one ZIP file, out and in: checked whole before anything is replaced. It reads rooms through
 * their services and knows the format, docs/workshop-file.md.
 */
@NullMarked
package glanzen.app.archive;

import org.jspecify.annotations.NullMarked;
