/// Vehicle and trailer together: heights, turning, driveways, swaying, rolling over.
package lectulum.kernel.towing;
