/**
 * What is said to devices in lines of text over a socket, and the simulated ones that ship and
 * listen on loopback sockets. A real device's bridge would listen in the place of one of them.
 */
package craftmap.server.device;
