/** Pages to hand out: what stands on a sheet, and where. */
package nimblestride.core.notation.page;
