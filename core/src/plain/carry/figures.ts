import type { PlainPosition } from '../../kinds/plain/position.ts'
import { givenOf, number, range, text, type Figure, type Given } from '../../working/figure.ts'
import { plainRefusal } from '../refusal.ts'
import { clearanceFrom, materialWords, supplyWords, warmFrom } from '../words.ts'
import type { IdentifyOutcome } from '../identify/work-out.ts'
import { mostWearH } from '../bush.ts'
import type { CarryOutcome } from './work-out.ts'

const force = givenOf('force', { figures: 3 }, 'typed')
const length = givenOf('length', { decimals: 1 }, 'typed')
const gap = givenOf('length', { decimals: 3 })
const ratio = givenOf('ratio', { figures: 3 }, 'worked out')
const warm = givenOf('temperature')
const watts = givenOf('watts', { figures: 2 }, 'balance of heat')
const film = givenOf('deviation')

/** The figures of Carry, with their working. */
export function carryFigures(position: PlainPosition, identify: IdentifyOutcome, outcome: CarryOutcome): Record<string, Figure> {
  const { balance } = outcome
  const figures: Record<string, Figure> = {
    ...(outcome.onFilm ? { film: filmFigure(position, outcome) } : {}),
    life: lifeFigure(identify, outcome),
    ...slidingFigures(position, identify, outcome),
  }
  if (balance?.value) Object.assign(figures, balanceFigures(position, outcome, balance.value))
  // Limits of a bush that rubs say nothing of one that a film carries.
  if (outcome.use && (!outcome.onFilm || balance?.value?.regime !== 'full-film')) figures['utilisation'] = useFigure(identify, outcome, outcome.use)
  if (outcome.starts) figures['liftOff'] = liftFigure(outcome.starts)
  figures['wanted'] = {
    label: 'Required life',
    symbol: 'L_w',
    quantity: 'duration',
    precision: { figures: 3 },
    value: number(outcome.wantedH),
    formula: position.load.wantedLifeH === null ? 'L_w = \\text{table}(\\text{duty})' : 'L_w = \\text{typed}',
    givens: [],
    source: position.load.wantedLifeH !== null ? 'Typed' : outcome.onFilm ? 'Guidance by duty' : 'A year of its duty: a bush is a part that wears',
  }
  return figures
} // prettier-ignore

function filmFigure({ load }: PlainPosition, outcome: CarryOutcome): Figure {
  const { balance, clearance, filmUm, halvedUm, missing, slides } = outcome
  const found = balance?.value
  const givens: Given[] = []
  if (clearance) givens.push(gap('diametral clearance, cold', 'C', clearance.coldMm, clearanceFrom[clearance.from]))
  if (load.radialN !== null) givens.push(force('load', 'W', load.radialN))
  if (slides) givens.push(givenOf('stress', { decimals: 2 }, 'this lens')('pressure on the projected area', 'P', slides.pressureMPa))
  if (found) {
    givens.push(warm('film', 'T', found.filmC, 'balance of heat'))
    givens.push(givenOf('viscosity', { figures: 3 })('oil in the film', '\\nu', found.viscosityCst, 'ASTM D341'))
    givens.push(ratio('Sommerfeld number', 'S', found.sommerfeld))
    givens.push(ratio('eccentricity', '\\varepsilon', found.eccentricityRatio))
    givens.push(film('wanted for dirt and alignment', 'h_{d}', found.designMinimumUm, '5 + 0.04 D'))
    if (halvedUm !== null) givens.push(film('whole, without the groove', 'h_0', found.minFilmUm, 'the same, uncut'))
  }
  return {
    label: 'Least oil film',
    symbol: 'h_0',
    quantity: 'deviation',
    value: filmUm === null ? null : number(filmUm),
    formula: 'h_0 = \\tfrac{C}{2}(1-\\varepsilon),\\quad S = \\left(\\tfrac{D}{C}\\right)^2 \\frac{\\mu n}{P} \\to \\varepsilon',
    givens,
    source: 'Raimondi and Boyd (1958); ISO 7902',
    validity: `Steady load, laminar, aligned, round; ${halvedUm === null ? 'full bearing' : 'two halves, cut by the groove'}. Good to 20 %.`,
    estimate: clearance?.from === 'practice',
    ...(missing.length > 0 ? { missing } : {}),
    ...(balance?.refusal ? { refusal: plainRefusal(balance.refusal) } : {}),
  }
} // prettier-ignore

function lifeFigure({ name }: IdentifyOutcome, outcome: CarryOutcome): Figure {
  const { wear, bush, use, slides, missing, starts, excluded } = outcome
  const material = name ? materialWords[name] : 'the material'
  const rubs = wear?.by === 'rubbing'
  const givens: Given[] = []
  if (wear) {
    givens.push(gap('wear it may have', 'w', wear.limitMm, 'practice: 0.004 of the journal, a lining no deeper than it is'))
    if (rubs && slides && use) {
      givens.push(givenOf('stress', { decimals: 2 }, 'this lens')('pressure', 'p', slides.pressureMPa))
      givens.push(ratio('sliding speed, m/s', 'v', slides.velocityMPerS))
      givens.push(film('wear of 1000 h', '', use.wearUmPer1000H ?? 0, `tables of wear, ${material}`))
    }
    if (!rubs && starts) {
      givens.push(ratio('rubbed at a start and a stop, m', 's', starts.rubsM))
      givens.push(ratio('starts a day', '', starts.perDay, 'typed, or one'))
      givens.push(film('wear of 1000 starts', '', starts.wearUmPer1000, `tables of wear, ${material} in oil`))
    }
    givens.push({
      label: 'may be from, to',
      symbol: '',
      quantity: 'duration',
      precision: { figures: 2 },
      value: range(wear.lowH, wear.highH),
      from: 'spread of the tables',
    })
  }
  const none = outcome.onFilm && outcome.balance?.value && wear === null
  return {
    label: wear?.by === 'starts' ? 'Worn by starts after' : 'Worn after',
    symbol: 'L_w',
    quantity: 'duration',
    precision: { figures: 2 },
    most: mostWearH - 1,
    value: wear ? number(wear.lifeH) : none || excluded || use ? text('not to be said') : null,
    formula: wear?.by === 'starts' ? 'L = \\frac{w}{k\\,p\\,s}\\cdot\\frac{24}{\\text{starts}}' : 'L = \\frac{w}{k\\,p\\,v}',
    givens,
    source: 'Wear coefficients of tribology textbooks',
    validity: 'Within its spread either way: dirt, alignment and the first hour decide.',
    estimate: true,
    ...(missing.length > 0 ? { missing } : {}),
    ...(bush?.refusal && !outcome.onFilm ? { refusal: plainRefusal(bush.refusal) } : {}),
  }
} // prettier-ignore

function slidingFigures({ load }: PlainPosition, { sizes }: IdentifyOutcome, { slides, speedRpm, swings }: CarryOutcome): Record<string, Figure> {
  if (!slides || !sizes || load.radialN === null || speedRpm === null) return {}
  const speed = givenOf('speed')('speed', 'n', speedRpm, swings ? '4 φ j / 360 of the swing' : 'typed')
  return {
    pressure: {
      label: 'Pressure',
      symbol: 'p',
      quantity: 'stress',
      precision: { figures: 3 },
      value: number(slides.pressureMPa),
      formula: 'p = \\frac{W}{L\\,D}',
      givens: [force('load', 'W', load.radialN), length('length', 'L', sizes.lengthMm), length('journal', 'D', sizes.journalMm)],
      source: 'Projected area',
    },
    velocity: {
      label: 'Sliding speed, m/s',
      symbol: 'v',
      quantity: 'ratio',
      precision: { figures: 3 },
      value: number(slides.velocityMPerS),
      formula: 'v = \\frac{\\pi D n}{60\\,000}',
      givens: [length('journal', 'D', sizes.journalMm), speed],
      source: 'Kinematics',
    },
    pv: {
      label: 'Pressure × speed, MPa·m/s',
      symbol: 'pv',
      quantity: 'ratio',
      precision: { figures: 3 },
      value: number(slides.pv),
      formula: 'p\\,v',
      givens: [ratio('pressure, MPa', 'p', slides.pressureMPa), ratio('speed, m/s', 'v', slides.velocityMPerS)],
      source: 'General catalogue practice',
    },
  }
} // prettier-ignore

type Found = NonNullable<NonNullable<CarryOutcome['balance']>['value']>

function balanceFigures({ oil, load }: PlainPosition, { roughnessUm, filmUm }: CarryOutcome, found: Found): Record<string, Figure> {
  const source = 'Raimondi and Boyd (1958); ISO 7902-1 for the heat'
  const heat = [
    watts('friction', '', found.heatW.friction),
    watts('leaves by the housing', '', found.heatW.housing),
    watts('leaves by the shaft', '', found.heatW.shaft),
    ...(oil.supply === 'feed' ? [watts('leaves with the oil', '', found.heatW.oil)] : []),
  ]
  return {
    filmC: {
      label: 'Film runs at',
      symbol: 'T',
      quantity: 'temperature',
      value: number(found.filmC),
      formula: 'f W v = G\\,(T - T_a)' + (oil.supply === 'feed' ? ' + 60\\,Q\\,(T - T_{in})' : ''),
      givens: heat,
      source,
      validity: `Oil by ${supplyWords[oil.supply]}. Good to 8 K, fed to 5 K.`,
      estimate: true,
    },
    power: {
      label: 'Friction',
      symbol: 'P_f',
      quantity: 'watts',
      precision: { figures: 2 },
      value: number(found.powerW),
      formula: 'P_f = f\\,W\\,v,\\quad f = 2\\pi^2 S J \\tfrac{C}{D}',
      givens: [ratio('coefficient', 'f', found.frictionCoefficient), force('load', 'W', load.radialN ?? 0)],
      source,
      estimate: true,
    },
    lambda: {
      label: 'Film over roughness',
      symbol: '\\Lambda',
      quantity: 'ratio',
      precision: { figures: 2 },
      value: number((filmUm ?? found.minFilmUm) / roughnessUm),
      formula: '\\Lambda = h_0 / \\sqrt{R_{q,1}^2 + R_{q,2}^2}',
      givens: [film('film', 'h_0', filmUm ?? found.minFilmUm, 'this lens'), givenOf('deviation', { decimals: 1 })('roughness of both', '', roughnessUm, 'journal finish, run-in bush')],
      source: 'Below 1 the metals touch, from 3 the film is whole',
    },
    eccentricity: {
      label: 'Eccentricity',
      symbol: '\\varepsilon',
      quantity: 'ratio',
      precision: { figures: 2 },
      value: number(found.eccentricityRatio),
      formula: 'S \\to \\varepsilon',
      givens: [ratio('Sommerfeld number', 'S', found.sommerfeld)],
      source: 'Raimondi and Boyd (1958)',
      validity: 'Below 0.1 a fast journal may whirl; above 0.9 the film is at its end.',
    },
    sideFlow: {
      label: 'Oil out at the sides, L/min',
      symbol: 'Q_s',
      quantity: 'ratio',
      precision: { figures: 2 },
      value: number(found.sideFlowLPerMin),
      formula: 'Q_s = 2\\pi\\,\\varepsilon\\,k\\,\\tfrac{D}{2}\\,c\\,L\\,n',
      givens: [ratio('eccentricity', '\\varepsilon', found.eccentricityRatio)],
      source,
      estimate: true,
    },
  }
} // prettier-ignore

const useFigure = ({ name }: IdentifyOutcome, { slides, warm: w }: CarryOutcome, { utilisation, limitedBy }: NonNullable<CarryOutcome['use']>): Figure => ({
  label: 'Of what it stands',
  symbol: 'u',
  quantity: 'percent',
  precision: { figures: 2 },
  value: number(100 * utilisation),
  formula: 'u = \\max\\left(\\frac{p}{p_{lim}},\\ \\frac{v}{v_{lim}},\\ \\frac{pv}{pv_{lim}}\\right)',
  givens: [
    ...(slides ? [ratio('pressure, MPa', 'p', slides.pressureMPa), ratio('speed, m/s', 'v', slides.velocityMPerS), ratio('both, MPa·m/s', 'pv', slides.pv)] : []),
    { label: 'nearest to its limit', symbol: '', quantity: 'ratio', value: text(limitedBy === 'pv' ? 'pressure × speed' : limitedBy === 'velocity' ? 'speed' : 'pressure'), from: name ? materialWords[name] : '' },
    ...(w ? [warm('housing at the bush', 'T', w.housingC, warmFrom[w.from])] : []),
  ],
  source: 'General catalogue practice, with shock and heat taken in',
  validity: 'Makers differ by a factor of two.',
}) // prettier-ignore

const liftFigure = ({ liftOffRpm, rubsM }: NonNullable<CarryOutcome['starts']>): Figure => ({
  label: 'Lifts off at',
  symbol: 'n_{lift}',
  quantity: 'speed',
  precision: { figures: 2 },
  value: number(liftOffRpm),
  formula: 'h_0(n_{lift}) = 3\\,\\sqrt{R_{q,1}^2 + R_{q,2}^2}',
  givens: [ratio('rubbed at a start and a stop, m', 's', rubsM, 'speed rises and falls evenly, 65 s together')],
  source: 'Raimondi and Boyd (1958), oil as warm as it runs',
  estimate: true,
}) // prettier-ignore
