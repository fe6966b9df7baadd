/**
 * A single job or recipe as a file, sent with the things it needs and taken in by somebody else, who says which of their own
 * things stand in for them. The format is in docs/workshop-file.md.
 */
@NullMarked
package glanzen.app.parcel;

import org.jspecify.annotations.NullMarked;
