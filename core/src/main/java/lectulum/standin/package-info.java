/// Small simulated devices that ship with the program: a scale and a level, over a local socket.
package lectulum.standin;
