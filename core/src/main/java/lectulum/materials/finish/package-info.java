/// Paint, glass, sealant, tape and screws of the shell.
package lectulum.materials.finish;
