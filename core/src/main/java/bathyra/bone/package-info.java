/** Bones and hardware: where channels lie on the finished pieces, how long bones are cut, what carries the reduction (C13). Lengths in mm. */
package bathyra.bone;
