import type { Duty, MachineKind } from '../../src/index.ts'
import type { Changes } from '../bench-position.ts'

/** A position an experienced engineer would leave alone, and why. */
export interface HealthyPosition {
  why: string
  kind: MachineKind
  duty: Duty
  designation: string
  inputs: Changes
  /** Radial load, share of the basic dynamic load rating. */
  share: number
  /** Inner ring over outer ring, K. */
  warmerK: number
}

type Row = [why: string, kind: MachineKind, duty: Duty, designation: string, rpm: number, inputs?: Changes]

const floating: Changes = { seat: { loadCase: 'inner-turns', slides: 'outer' } }
const located: Changes = { seat: { loadCase: 'inner-turns' } }
const split: Changes = { seat: { loadCase: 'inner-turns', slides: 'outer', housing: 'split' } }
const standing: Changes = { seat: { loadCase: 'outer-turns', slides: 'inner' } }
const sleeve: Changes = { ...split, mount: { holding: 'adapter-sleeve' } }
const axial = (axialN: number, rest: Changes = located): Changes => ({ ...rest, load: { ...rest.load, axialN } })
/** A shaft that rollers run on: hardened and ground. */
const hardShaft: Changes = { seat: { loadCase: 'inner-turns', racewayHrc: 60, racewayRaUm: 0.2 } }
const pair = (axialN: number, endPlayMm: number): Changes => ({
  ...located,
  load: { arrangement: 'face-to-face', axialN, partnerRadialN: 2000 },
  float: { endPlayMm, spanMm: 200 },
})

/** Machines as they are met, each with the class that such a machine calls for. */
const rows: Row[] = [
  ['small motor, sealed for life', 'motor', 'one-shift', '6204-2RS-C3', 1480, floating],
  ['small motor, other end held', 'motor', 'one-shift', '6205-2Z-C3', 1480, located],
  ['two-pole motor, small, sealed', 'motor', 'one-shift', '6204-2RS-C3', 2950, floating],
  ['two-pole motor, shielded', 'motor', 'one-shift', '6206-2Z-C3', 2950, floating],
  ['motor of 7.5 kW, drive end', 'motor', 'one-shift', '6208-C3', 1480, floating],
  ['motor of 15 kW, drive end', 'motor', 'one-shift', '6309-C3', 1480, floating],
  ['motor of 37 kW, drive end', 'motor', 'round-the-clock', '6312-C3', 1480, floating],
  ['motor of 75 kW, non-drive end holds', 'motor', 'round-the-clock', '6314-C3', 1480, axial(300)],
  ['motor of 110 kW, drive end', 'motor', 'round-the-clock', '6316-C3', 1480, floating],
  ['motor of 160 kW with a belt', 'motor', 'round-the-clock', 'NU316-C3', 1480, located],
  ['motor of 200 kW, six poles', 'motor', 'round-the-clock', 'NU319-C3', 985, located],
  ['motor of 315 kW, roller end', 'motor', 'round-the-clock', 'NU322-C3', 1480, located],
  ['slow large motor', 'motor', 'round-the-clock', '6324-C3', 740, floating],
  ['clean-water pump, thrust end', 'pump', 'round-the-clock', '6310-C3', 1480, axial(500)],
  ['clean-water pump, roller end', 'pump', 'round-the-clock', 'NU310-C3', 1480, located],
  ['process pump, drive side', 'pump', 'round-the-clock', '6313-C3', 1475, axial(900)],
  ['process pump, wheel side', 'pump', 'round-the-clock', 'NU313-C3', 1475, located],
  ['slurry pump on spherical rollers', 'pump', 'round-the-clock', '22316-C3', 980, axial(800, floating)],
  ['circulation pump, split housing', 'pump', 'main-process', '22218 E-C3', 735, split],
  ['circulation pump, wheel side', 'pump', 'main-process', 'NU2218 E-C3', 735, located],
  ['small dosing pump', 'pump', 'one-shift', '6203-2RS', 1450, floating],
  ['hydraulic motor stub shaft', 'pump', 'one-shift', '6207', 1450, floating],
  ['fan on sleeves, held end', 'fan', 'main-process', '22216 EK-C3', 1460, axial(600, sleeve)],
  ['fan on sleeves, floating end', 'fan', 'main-process', '22216 EK-C3', 1460, sleeve],
  ['large fan', 'fan', 'main-process', '22222 EK-C3', 980, sleeve],
  ['slow large fan', 'fan', 'round-the-clock', '22230 K-C3', 590, sleeve],
  ['direct-driven fan', 'fan', 'one-shift', '6311-C3', 1480, floating],
  ['belt fan, belt end', 'fan', 'one-shift', '6313-C3', 1460, located],
  ['self-aligning fan bearing', 'fan', 'one-shift', '1210', 1450, floating],
  ['self-aligning on a taper', 'fan', 'one-shift', '2212 K-C3', 1450, sleeve],
  ['conveyor idler', 'conveyor', 'one-shift', '6205-2RS-C3', 580, standing],
  ['conveyor idler, heavy', 'conveyor', 'round-the-clock', '6308-2RS-C3', 480, standing],
  ['conveyor drum on sleeves', 'conveyor', 'round-the-clock', '22220 EK', 62, sleeve],
  ['conveyor drum, far side', 'conveyor', 'round-the-clock', '22222 EK', 48, sleeve],
  ['conveyor snub pulley', 'conveyor', 'round-the-clock', 'UC212', 96, located],
  ['conveyor return pulley', 'conveyor', 'one-shift', 'UC208', 120, located],
  ['loose wheel of a trolley', 'conveyor', 'one-shift', '6306-2RS', 150, standing],
  ['gearbox, fast shaft', 'gearbox', 'round-the-clock', 'NU2212-C3', 1480, located],
  ['gearbox, middle shaft, ribs hold it', 'gearbox', 'round-the-clock', 'NUP2212-C3', 420, axial(200)],
  ['gearbox, slow shaft', 'gearbox', 'round-the-clock', 'NJ2216', 95, axial(300)],
  ['gearbox on tapers', 'gearbox', 'one-shift', '32212', 720, pair(800, 0.1)],
  ['gearbox on large tapers', 'gearbox', 'round-the-clock', '30218', 240, pair(1500, 0.12)],
  ['gearbox output, spherical', 'gearbox', 'round-the-clock', '23024-C3', 60, floating],
  ['compressor crank, roller', 'other', 'round-the-clock', 'NU2216-C3', 980, located],
  ['mixer foot bearing', 'other', 'one-shift', '6212', 180, floating],
  ['roll of a small mill', 'other', 'round-the-clock', '22320-C3', 120, floating],
  ['blower between toroids, free end', 'fan', 'round-the-clock', 'C2216-C3', 1460, located],
  ['needle on its inner ring', 'gearbox', 'one-shift', 'NA4910', 600, located],
  ['idler wheel on a drawn cup', 'gearbox', 'one-shift', 'HK3020', 900, hardShaft],
  ['rocker on needles without an inner ring', 'other', 'one-shift', 'RNA4908', 900, hardShaft],
  ['slow gear stage without a cage', 'gearbox', 'one-shift', 'NCF3014', 90, located],
  ['drum of a hoist', 'other', 'one-shift', 'NNCF5016', 110, located],
  ['light shaft of an inch machine', 'other', 'one-shift', 'R20-2RS-C3', 580, floating],
  ['large slow roll', 'other', 'round-the-clock', '23976-C3', 40, floating],
  ['grinder, belt end', 'spindle', 'spindle', '6008-P5', 2850, { seat: { loadCase: 'inner-turns', slides: 'outer' }, bearing: { requiredPrecision: 'P5' } }],
  ['lathe, tail end', 'spindle', 'spindle', 'NU1012', 900, located],
  ['small thin-section shaft', 'other', 'one-shift', '6006', 900, floating],
  ['broad deep groove, sealed', 'other', 'one-shift', '62206-2RS', 1450, floating],
  ['agitator drive on top', 'gearbox', 'round-the-clock', '22212-C3', 180, axial(500, floating)],
] // prettier-ignore

/** Days as they are met: lightly loaded and even, as usual, and warm or well loaded. */
const days: [day: string, share: number, warmerK: number][] = [
  ['lightly loaded', 0.035, 5],
  ['as usual', 0.05, 8],
  ['on a warm day', 0.07, 10],
  ['well loaded', 0.11, 6],
]

/** Required life that each is held against, h: what a plant plans with for machines that stop in the year's pause. */
export const requiredH = 8000

export const healthyPositions: HealthyPosition[] = rows.flatMap(
  ([why, kind, duty, designation, speedRpm, inputs = {}]) =>
    days.map(([day, share, warmerK]) => ({
      why: `${why}, ${day}`,
      kind,
      duty,
      designation,
      share,
      warmerK,
      inputs: { ...inputs, load: { axialN: 0, wantedLifeH: requiredH, ...inputs.load, speedRpm } },
    })),
)
