/**
 * The studio's own network: the address and the certificate by which this server is reached over
 * it, and the devices, such as a tablet at the bench, that are paired and answered there.
 */
package craftmap.server.lan;
