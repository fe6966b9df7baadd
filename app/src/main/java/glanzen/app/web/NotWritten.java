package glanzen.app.web;

/**
 * Something could not be kept: the disk is full, or the database has closed itself since it was.
 *
 * @param why what the database said
 */
public record NotWritten(String why) {}
