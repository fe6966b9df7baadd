/**
 * Holds set-ups against the rules of their route and finds what stops a pull or spoils it, with a mend where there is one. Whatever
 * is computed is asked of a pull on a rig as labelled; no rule solves a nip by itself.
 */
@NullMarked
package glanzen.rules;

import org.jspecify.annotations.NullMarked;
