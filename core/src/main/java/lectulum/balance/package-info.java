/// Loads of every trip on ball, axle and tyres, and how sure they are. Rigid body on one ball and one axle line.
///
/// See docs/method/balance.md. Weak where masses are guesses: the interval says so.
package lectulum.balance;
