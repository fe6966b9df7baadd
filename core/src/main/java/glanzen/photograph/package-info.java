/**
 * A picture taken by hand, and the flat sheet in it: its light, where the sheet's edges are, how the sheet lies before the camera and how it
 * bends, and the sheet seen straight from above. Pictures have their first row on top; lengths on the sheet are millimetres. What is on the
 * sheet is nobody's business here.
 */
@NullMarked
package glanzen.photograph;

import org.jspecify.annotations.NullMarked;
