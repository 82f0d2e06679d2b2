/** Drawings from elsewhere, read from their files. What a file refers to outside itself is never looked up. */
package bathyra.files.drawing;
