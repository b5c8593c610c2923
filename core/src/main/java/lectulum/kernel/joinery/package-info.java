/// Furniture made of boards: panels, edges, doors and drawers, joints, hinges and their holes.
package lectulum.kernel.joinery;
