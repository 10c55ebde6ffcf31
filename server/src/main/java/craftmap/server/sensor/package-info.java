/**
 * How warm and damp it is, read from sensors. The hub behind {@code ClimateSensors} is a simulated
 * one that ships and listens on a loopback socket; a real one's bridge would listen in its place.
 *
 * <p>What is said over the socket, in lines of UTF-8 text, one question for each connection:
 *
 * <pre>
 * SENSORS                       asks
 * SENSOR id celsius damp name   each sensor, and what it reads now: degrees Celsius, percent
 * END
 *
 * DAY id                        asks for the last day of one
 * HOUR h celsius damp           the mean of each hour of the clock on the wall, from 0 to 23
 * END
 *
 * REFUSED what                  a sensor, or a question, that it does not know
 * </pre>
 */
package craftmap.server.sensor;
