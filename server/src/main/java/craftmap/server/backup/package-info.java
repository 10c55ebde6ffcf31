/**
 * One file with everything that a studio has, and the way back. It is made while the studio works,
 * from one moment of the database; it is read back and counted before it is called a backup; and it
 * is brought back into an empty studio, also one that an older version has made. Nothing of it
 * needs the web application, so that the commands at the machine do it as well.
 */
package craftmap.server.backup;
