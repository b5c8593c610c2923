/// Gas and liquid fuels: heat in them, bottles in the cold, pipes, lockers, leaks and flames without a flue; generators.
///
/// Planning aids: gas, flues and combustion air belong to a licensed fitter. Sources: NIST constants for the vapour pressures,
/// Darcy and Swamee-Jain for pipes, tables of heating values. See docs/method/gas.md.
package lectulum.kernel.fuel;
