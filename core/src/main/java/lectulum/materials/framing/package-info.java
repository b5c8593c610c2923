/// Studs, plates, bows and cross-members of the shell, from the members of its faces.
package lectulum.materials.framing;
