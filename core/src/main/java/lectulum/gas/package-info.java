/// Gas and fuel: what is burnt, how long bottles last and whether they give gas in frost, lockers, alarms.
///
/// Planning aids; gas belongs to a licensed fitter. See docs/method/gas.md.
package lectulum.gas;
