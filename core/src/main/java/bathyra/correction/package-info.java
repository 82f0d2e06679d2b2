/** What becomes of what was seen at a fitting (C15.2–C15.4): marks into changes of the draft, measured on the finished pieces. */
package bathyra.correction;
