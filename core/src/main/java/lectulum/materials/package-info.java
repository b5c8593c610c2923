/// What has to be bought, from the things on the sheet.
package lectulum.materials;
