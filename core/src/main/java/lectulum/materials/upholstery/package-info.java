/// Cushions and mattresses: foam, covers, and the roll that they are cut from; nets, shades and curtains for windows and doors.
package lectulum.materials.upholstery;
