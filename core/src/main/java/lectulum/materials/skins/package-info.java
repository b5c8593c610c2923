/// Linings, insulation and skins of the shell by area, and the sheets that they are cut from.
package lectulum.materials.skins;
