/// Furniture that the builder makes: boards, doors, drawers, joints, what it weighs and costs.
package lectulum.materials.joinery;
