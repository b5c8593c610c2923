/// What stands on jacks and wheels: levelling, pads, tipping.
package lectulum.kernel.standing;
