/** The few calls Hobrek makes of unitmath; its own types are not wired up for this entry. */
declare module 'unitmath/es/UnitMath.js' {
  interface Unit {
    to(unit: string): Unit;
    value: number;
  }
  interface UnitFactory {
    (text: string): Unit;
    config(options: { definitions: { units: Record<string, { value: string }> } }): UnitFactory;
  }
  const unit: UnitFactory;
  export default unit;
}
