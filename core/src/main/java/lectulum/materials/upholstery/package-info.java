/// Cushions and mattresses: foam, covers, and the roll that they are cut from.
package lectulum.materials.upholstery;
