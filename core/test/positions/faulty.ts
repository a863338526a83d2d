import type { Duty, Lens, MachineKind } from '../../src/index.ts'
import type { Verdict } from '../../src/working/check.ts'
import type { Changes } from '../bench-position.ts'

/** A position with something wrong in it, where that must be named, and what the way out must speak of. */
export interface FaultyPosition {
  why: string
  kind: MachineKind
  duty: Duty
  inputs: Changes
  lens: Lens
  key: string
  verdict: Verdict
  wayOut: RegExp
  /** What no way out of it may say. */
  never?: RegExp
}

type Row = [why: string, inputs: Changes, lens: Lens, key: string, verdict: Verdict, wayOut: RegExp, never?: RegExp]

/** A bearing at work: what is on the bench, how it is loaded, and anything else. */
const at = (designation: string, radialN: number, speedRpm: number, rest: Changes = {}): Changes => ({
  seat: { loadCase: 'inner-turns', slides: 'outer' },
  ...rest,
  bearing: { designation, ...rest.bearing },
  load: { radialN, axialN: 0, speedRpm, wantedLifeH: 5000, ...rest.load },
})
const shaft = (nominalMm: number, ...planesUm: number[][]): number[][] => planesUm.map((plane) => plane.map((um) => nominalMm + um / 1000)) // prettier-ignore
const grown = { spanMm: 1150, assemblyC: 22, hottestC: 96 }
const pair: Changes['load'] = { arrangement: 'face-to-face', partnerRadialN: 5000 }
const backed: Changes['load'] = { arrangement: 'back-to-back', partnerRadialN: 5000 }
const lightAlloy: Changes['seat'] = { loadCase: 'outer-turns', slides: 'inner', housing: 'light-alloy' }
const sleeve: Changes['mount'] = { holding: 'adapter-sleeve' }
const greased: Changes['grease'] = { nu40Cst: 110, runningC: 62, cleanliness: 'normal', thickener: 'lithium' }

const rows: Record<string, Row[]> = {
  'what is in the box': [
    ['tighter than called for', at('6313', 3000, 1475, { bearing: { requiredClearance: 'C3' } }), 'identify', 'clearance', 'stop', /C3/],
    ['two classes roomier', at('6313-C4', 3000, 1475, { bearing: { requiredClearance: 'CN' } }), 'identify', 'clearance', 'stop', /6313/],
    ['one class roomier at speed', at('6313-C3', 3000, 2950, { bearing: { requiredClearance: 'CN' } }), 'identify', 'clearance', 'watch', /6313/],
    ['shields for seals', at('6208-2Z-C3', 1500, 1475, { bearing: { requiredClosure: 'contact-seal' } }), 'identify', 'closure', 'stop', /\./],
    ['seals where grease is to reach', at('6312-2RS-C3', 3000, 1475, { bearing: { requiredClosure: 'open' } }), 'identify', 'closure', 'stop', /\./],
    ['parallel for tapered', at('22220', 20_000, 500, { bearing: { requiredBore: 'tapered' } }), 'identify', 'bore', 'stop', /K/],
    ['polyamide for brass', at('NU218-TN', 20_000, 900, { bearing: { requiredCage: 'brass' } }), 'identify', 'cage', 'stop', /brass/],
    ['normal for P5', at('6008', 400, 2850, { bearing: { requiredPrecision: 'P5' } }), 'identify', 'precision', 'stop', /P5/],
    ['steel that grows at 150 °C', at('6220', 9000, 500, { bearing: { hottestRingC: 150 } }), 'identify', 'heat', 'stop', /S0|S1/],
    ['letters nobody reads', at('6314 QQX C3', 2100, 1475), 'identify', 'unread', 'watch', /Look at the bearing/],
    ['no such bearing', at('6299', 2100, 1475), 'identify', 'designation', 'stop', /\./],
    ['an inch bearing measured', { identify: { boreMm: [25.42], odMm: [50.3], widthMm: [14.2], rollingElement: 'taper', ringShape: 'cone-and-cup' } }, 'identify', 'inch', 'watch', /number on the rings/],
  ],
  'what it carries': [
    ['thrust on a NU', at('NU313-C3', 6800, 1475, { load: { axialN: 450 } }), 'carry', 'refused', 'stop', /NJ or NUP/],
    ['thrust on a needle', at('NA4910', 4000, 600, { load: { axialN: 100 } }), 'carry', 'refused', 'stop', /axial load/],
    ['too short a life', at('6208-C3', 6000, 2950, { load: { wantedLifeH: 20_000 } }), 'carry', 'life', 'stop', /larger|lighter|bearing/],
    ['a life that just falls short', at('6314-C3', 9000, 1480, { load: { wantedLifeH: 22_000 } }), 'carry', 'life', 'watch', /\./],
    ['over the rating', at('6205', 15_000, 300), 'carry', 'life', 'stop', /\./],
    ['a shock at rest', at('6310-C3', 40_000, 30, { load: { running: 'shock' } }), 'carry', 'staticSafety', 'stop', /\./],
    ['hardly any load on balls', at('6319-C3', 300, 1480), 'carry', 'minimum', 'watch', /spring/],
    ['hardly any load on rollers', at('NU322-C3', 2000, 1480), 'carry', 'minimum', 'watch', /\./],
    ['the second row of barrels free', at('22218 E-C3', 9800, 735, { load: { axialN: 3900 } }), 'carry', 'unloadedRow', 'watch', /\./, /clearance class up/],
    ['a sleeve that walks', at('22216 EK-C3', 30_000, 300, { load: { axialN: 9000, wantedLifeH: 500 }, mount: sleeve }), 'carry', 'sleeve', 'stop', /abutment|spacer|shoulder/],
    ['a sleeve over what it holds', at('22220 EK-C3', 60_000, 300, { load: { axialN: 15_000, wantedLifeH: 500 }, mount: sleeve }), 'carry', 'sleeve', 'stop', /abutment|spacer|shoulder/],
    ['ribs over half of the radial load', at('NUP314-C3', 10_000, 900, { load: { axialN: 6000 } }), 'carry', 'refused', 'stop', /\./],
    ['ribs too hot for long', at('NUP314-C3', 20_000, 3000, { load: { axialN: 4000, wantedLifeH: 500 } }), 'carry', 'ribRun', 'stop', /\./],
    ['set screws over what they hold', at('UC208', 3000, 300, { load: { axialN: 4500 }, mount: { holding: 'set-screws' } }), 'carry', 'setScrews', 'stop', /shoulder|abutment|collar/],
    ['seals too fast', at('6316-2RS-C3', 5000, 2950, { load: { wantedLifeH: 1000 } }), 'carry', 'speed', 'stop', /shield|open|light/i],
    ['seals near their speed', at('6308-2RS-C3', 1500, 4000, { load: { wantedLifeH: 1000 } }), 'carry', 'speed', 'watch', /\./],
    ['open, but far too fast', at('6314-C3', 4000, 7500, { load: { wantedLifeH: 100 } }), 'carry', 'speed', 'stop', /\./],
    ['out of line', at('6214-C3', 4000, 1480, { load: { misalignDeg: 1 } }), 'carry', 'misaligned', 'stop', /\./],
    ['thrust both ways on one angular contact', at('7214 B', 4000, 1480, { load: { axialN: 2000, axialWay: 'both' } }), 'carry', 'bothWays', 'stop', /pair|two/],
    ['a four-point bearing under radial load', at('QJ312', 8000, 1480, { load: { axialN: 4000 } }), 'carry', 'fourPoint', 'watch', /\./],
    ['a pair preloaded to death', at('32214', 9000, 960, { load: pair, float: { endPlayMm: -0.17 } }), 'carry', 'life', 'stop', /preload/i],
  ],
  'how it sits': [
    ['worn shaft', at('6214-C3', 4000, 1480, { seat: { loadCase: 'inner-turns', slides: 'outer', shaftReadingsMm: shaft(70, [-20, -21], [-20, -21]) } }), 'seat', 'shaftGauge', 'stop', /\./],
    ['a shaft left too thick', at('6214-C3', 4000, 1480, { seat: { loadCase: 'inner-turns', slides: 'outer', shaftReadingsMm: shaft(70, [40, 41], [40, 40]) } }), 'seat', 'shaftGauge', 'stop', /^Grind to size/, /[Bb]uild up/],
    ['a housing left too narrow', at('6313-C3', 3000, 1475, { seat: { loadCase: 'inner-turns', slides: 'outer', housingReadingsMm: shaft(140, [-30, -31], [-30, -30]) } }), 'seat', 'housingGauge', 'stop', /^Hone or bore to size/, /bush/],
    ['shaft tapers', at('6311-C3', 2600, 2200, { seat: { loadCase: 'inner-turns', shaftReadingsMm: shaft(55, [11, 13, 12, 13], [4, 6, 5, 6], [-8, -5, -7, -5]) } }), 'seat', 'shaftGauge', 'stop', /grind/],
    ['shaft oval', at('6214-C3', 6000, 1480, { seat: { loadCase: 'inner-turns', shaftReadingsMm: shaft(70, [2, 15, 2, 15], [2, 15, 2, 15]) } }), 'seat', 'shaftGauge', 'watch', /\./],
    ['housing worn wide', at('6313-C3', 3000, 1475, { seat: { loadCase: 'inner-turns', slides: 'outer', housingReadingsMm: shaft(140, [90, 92], [91, 90]) } }), 'seat', 'housingGauge', 'stop', /\./],
    ['the turning ring slides', at('6214-C3', 4000, 1480, { seat: { loadCase: 'inner-turns', slides: 'inner' } }), 'seat', 'shaftRefused', 'stop', /outer/],
    ['a split housing under a turning load', at('6214-C3', 4000, 1480, { seat: { loadCase: 'outer-turns', slides: 'none', housing: 'split' } }), 'seat', 'splitRotating', 'stop', /solid|undivided|one piece/],
    ['stretched beyond what a ring bears', at('NU216-C3', 9000, 1480, { seat: { loadCase: 'inner-turns', slides: 'outer', shaftReadingsMm: shaft(80, [80, 80], [80, 80]) } }), 'seat', 'hoop', 'watch', /\./],
    ['a light alloy wheel, hot', at('6212-C3', 4000, 600, { seat: lightAlloy, float: { housingMaterial: 'aluminium', innerC: 95, outerC: 100 } }), 'seat', 'housingComesLoose', 'stop', /liner|iron|lock/, /cool the shaft/],
    ['a class that is not the number’s', at('7014 C-P4', 1500, 4000, { load: backed, seat: { loadCase: 'inner-turns', toleranceClass: 'P6' } }), 'seat', 'class', 'watch', /P4/],
    ['a soft raceway under needles', at('NA4910', 4000, 600, { seat: { loadCase: 'inner-turns', racewayHrc: 45 }, mount: { holding: 'no-inner-ring' } }), 'seat', 'racewayHardness', 'stop', /Harden/],
    ['a rough raceway under needles', at('NA4910', 4000, 600, { seat: { loadCase: 'inner-turns', racewayRaUm: 0.8 }, mount: { holding: 'no-inner-ring' } }), 'seat', 'racewayRoughness', 'watch', /Grind/],
  ],
  'what is left when it is hot': [
    ['a hot shaft in a normal class', at('6314', 9000, 1480, { float: { innerC: 110, outerC: 60 } }), 'float', 'clearance', 'stop', /C3|C4/],
    ['a warm shaft in a normal class', at('6313', 9000, 1480, { float: { innerC: 92, outerC: 62 } }), 'float', 'clearance', 'watch', /\./],
    ['a hot shaft under rollers', at('NU316', 30_000, 1480, { float: { innerC: 130, outerC: 60 } }), 'float', 'clearance', 'stop', /C5/],
    ['both ends held', at('22216', 8600, 1460, { float: { ...grown, locatedEnds: 2, housingStiffnessNPerMm: 90_000 } }), 'float', 'growth', 'stop', /locating rings out of one end/],
    ['too little room', at('22216', 8600, 1460, { float: { ...grown, locatedEnds: 1, roomTowardMm: 0.3, roomAwayMm: 1 } }), 'float', 'growth', 'stop', /leave/],
    ['nobody holds it', at('22216', 8600, 1460, { float: { ...grown, locatedEnds: 0, roomTowardMm: 3, roomAwayMm: 3 } }), 'float', 'growth', 'watch', /\./],
    ['a NU that is to hold', at('NU216', 9000, 1460, { float: { role: 'locating' } }), 'float', 'role', 'stop', /\./],
    ['a float that is held fast', at('22216', 9000, 1460, { seat: { loadCase: 'inner-turns', slides: 'none' }, float: { role: 'floating' } }), 'float', 'role', 'stop', /slid/],
    ['growth inside a deep groove', at('6216', 4000, 1460, { float: { role: 'floating', floatsIn: 'bearing' } }), 'float', 'role', 'stop', /\./],
    ['a pair face to face that tightens', at('30216', 8600, 1460, { load: { ...pair, wantedLifeH: 100 }, float: { endPlayMm: 0, innerC: 80, outerC: 60, spanMm: 300 } }), 'float', 'endPlay', 'stop', /Set .* cold/],
    ['a pair back to back, far too tight', at('32214', 8600, 960, { load: { ...backed, wantedLifeH: 100 }, float: { endPlayMm: -0.17, innerC: 62, outerC: 60, spanMm: 200 } }), 'float', 'endPlay', 'stop', /Set .* cold/, /set the pair back to back/],
    ['scant play in a hot pair', at('32214', 8600, 960, { load: { ...pair, wantedLifeH: 1000 }, float: { endPlayMm: 0.02, innerC: 61, outerC: 60.5, spanMm: 200 } }), 'float', 'endPlay', 'watch', /\./],
    ['one bearing, two temperatures', at('6313-C3', 3000, 1475, { float: { innerC: 66, outerC: 62 }, grease: { ...greased, runningC: 85 } }), 'float', 'temperatures', 'watch', /\./],
  ],
  'how it goes on': [
    ['no way is left', at('6330-C3', 60_000, 500, { seat: { loadCase: 'inner-turns', shaftReadingsMm: shaft(150, [300, 300], [300, 300]) } }), 'mount', 'way', 'stop', /fit|gauge/, /[Pp]ress it/],
    ['hardly any room in the heat', at('6314-C3', 6000, 1480, { seat: { loadCase: 'inner-turns', shaftReadingsMm: shaft(70, [50, 50], [50, 50]) } }), 'mount', 'way', 'watch', /probe|rehearse/],
    ['a sleeve on a parallel bore', at('22216', 9000, 980, { mount: sleeve }), 'mount', 'holding', 'stop', /K|nut/],
    ['a collar on a deep groove', at('6313-C3', 3000, 1475, { mount: { holding: 'eccentric-collar' } }), 'mount', 'holding', 'stop', /insert|nut/],
    ['balls without an inner ring', at('6313-C3', 3000, 1475, { mount: { holding: 'no-inner-ring' } }), 'mount', 'holding', 'stop', /inner ring/],
  ],
  'what keeps the metal apart': [
    ['greases that ruin each other', at('6316-C3', 3300, 1475, { grease: { ...greased, thickenerBefore: 'polyurea' } }), 'grease', 'mix', 'stop', /strip|wash/],
    ['oil far too thin', at('22220', 40_000, 300, { grease: { ...greased, nu40Cst: 15, runningC: 85 } }), 'grease', 'film', 'watch', /thicker|cooler/],
    ['no film at a crawl', at('23024-C3', 90_000, 2, { load: { wantedLifeH: 100 }, grease: { ...greased, nu40Cst: 32, runningC: 60 } }), 'grease', 'film', 'watch', /EP|solid|thick/],
    ['too hot for any interval', at('6313-C3', 3000, 1475, { grease: { ...greased, thickener: 'polyurea', runningC: 125 } }), 'grease', 'interval', 'stop', /oil/, /temperatureC/],
    ['lithium at 130 °C', at('6313-C3', 3000, 1475, { grease: { ...greased, runningC: 130 } }), 'grease', 'greaseTemperature', 'stop', /Find why it runs so hot/],
    ['calcium at 58 °C', at('6313-C3', 3000, 1475, { grease: { ...greased, thickener: 'calcium', runningC: 58 } }), 'grease', 'greaseTemperature', 'watch', /\./],
    ['nitrile at 115 °C', at('6206-2RS-C3', 600, 1475, { grease: { ...greased, thickener: 'polyurea', runningC: 125 } }), 'grease', 'sealTemperature', 'stop', /fluoro|FKM|shield|cool/],
    ['polyamide at 130 °C', at('NU218-TN-C3', 20_000, 900, { grease: { ...greased, thickener: 'polyurea', runningC: 130 } }), 'grease', 'cageTemperature', 'stop', /brass|steel/],
    ['thick oil in the frost', at('22220', 40_000, 300, { grease: { ...greased, nu40Cst: 460, runningC: -25, thickener: null } }), 'grease', 'cold', 'watch', /\./],
  ],
  'why it failed': [
    ['washboard under a converter', at('6316-C3', 3300, 1475, { diagnose: { seen: ['fluting', 'vfd-fed'] } }), 'diagnose', 'cause', 'watch', /shaft voltage|earth|insulat/],
  ],
} // prettier-ignore

export const faultyPositions: FaultyPosition[] = Object.entries(rows).flatMap(([what, list]) =>
  list.map(([why, inputs, lens, key, verdict, wayOut, never]) => ({
    why: `${what}: ${why}`,
    kind: 'pump',
    duty: 'round-the-clock',
    inputs,
    lens,
    key,
    verdict,
    wayOut,
    ...(never ? { never } : {}),
  })),
)
