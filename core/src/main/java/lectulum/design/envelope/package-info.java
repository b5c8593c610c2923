/// What the walls of the cabin are built of, as heat and vapour see them.
package lectulum.design.envelope;
