/// Cutting plans of what the shell is made of: sticks and sheets that are bought, and how they are cut.
package lectulum.materials.cutting;
