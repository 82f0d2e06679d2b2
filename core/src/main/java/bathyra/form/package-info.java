/** The wearer's torso as a surface, worked out from the tape (C20). */
package bathyra.form;
