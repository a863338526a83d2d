/** Input of a position that a cause is put right in; causes that no input of a position changes are not here. */
const settings: Readonly<Record<string, string>> = {
  'overload': 'load.radialN',
  'preload-adjustment': 'float.endPlayMm',
  'loose-adjustment': 'float.endPlayMm',
  'fit-too-tight': 'seat.loadCase',
  'loose-fit-shaft': 'seat.loadCase',
  'loose-fit-housing': 'seat.loadCase',
  'clearance-class-too-small': 'bearing.requiredClearance',
  'no-float': 'float.locatedEnds',
  'misalignment-housing': 'load.misalignDeg',
  'misalignment-shaft': 'load.misalignDeg',
  'housing-out-of-round': 'seat.housing',
  'debris-in-service': 'grease.cleanliness',
  'moisture-corrosion': 'grease.moisture',
  'lubricant-starvation': 'grease.contamination',
  'lubricant-aged': 'grease.runningC',
  'viscosity-too-low': 'grease.nu40Cst',
  'over-greasing': 'grease.gramsPerStroke',
  'grease-mixed': 'grease.thickener',
  'axial-on-non-axial-type': 'load.axialN',
  'too-little-load': 'load.radialN',
  'unsuitable-bearing': 'bearing.designation',
  'unbalance-vibration': 'grease.vibration',
  'belt-overtension': 'load.radialN',
  'overspeed': 'load.speedRpm',
  'mounted-reversed': 'load.arrangement',
  'overheated-mounting': 'mount.tools',
  'chilled-condensation': 'mount.coolant',
} // prettier-ignore

/** Path of the input that puts a cause right; null where none does. */
export const settingOf = (cause: string): string | null => settings[cause] ?? null
