/**
 * The plan on a photo: where faces lie on it, what is measured there, and how two photos of a face
 * lie one on the other. Shown to other packages: {@link craftmap.server.sight.Sightings}.
 */
package craftmap.server.sight;
