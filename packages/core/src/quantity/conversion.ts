import unitmath from 'unitmath/es/UnitMath.js';

/**
 * The only file that knows the units library. Units it lacks are defined here from exact relations:
 * 1 rpm = 2π/60 rad/s; 1 kgf = 9.80665 N (CGPM 1901); 1 PS = 75 kgf·m/s (DIN 66036).
 */
const unit = unitmath.config({
  definitions: {
    units: {
      rpm: { value: '0.10471975511965977 rad/s' },
      kgf: { value: '9.80665 N' },
      PS: { value: '735.49875 W' },
    },
  },
});

/**
 * How many `to` one `from` is, both in the library's own notation.
 * @throws Error when the two measure different things: a fault in the table of units, never in what was typed
 * @example factorBetween('hp', 'W') // ≈ 745.69987
 */
export function factorBetween(from: string, to: string): number {
  return from === to ? 1 : unit(`1 ${from}`).to(to).value;
}
