import { assert } from 'chai'
import synonyms from '../../data/sign-synonyms.json' with { type: 'json' }
import { searchSigns } from '../../src/diagnose/search-signs.ts'
import { references } from '../references.ts'

const { signs } = references.damage

/** What people say at the bench, and the sign they mean; it is to stand among the first so many. */
const offered = 6
const phrases: Record<string, string[]> = {
  'spall-load-zone': ['flaking', 'flaked in the load zone', 'spalled in the middle', 'metal broken out of the track', 'pitting in the load zone', 'shelling'],
  'spall-one-edge': ['flaked at one edge', 'spalled on one side', 'edge loading', 'broken out along one edge'],
  'spall-full-width-all': ['flaked all over', 'everything spalled', 'spalled full width', 'completely broken up'],
  'spall-behind-dent': ['spall behind a dent', 'flaking from a dent', 'spall started at a bruise'],
  'line-spalls-at-pitch': ['lines of spalls', 'flaking in lines', 'spalls at roller spacing'],
  'dents-random': ['bruises', 'bruised track', 'small dents', 'dirt dents', 'debris dents', 'pock marks', 'denting'],
  'dents-at-pitch': ['brinelled', 'brinelling', 'true brinelling', 'dents at ball spacing', 'ball marks', 'dents from the rollers', 'nicks at the roller pitch'],
  'dents-finish-intact': ['grinding lines in the dent', 'finish still in the dents', 'shiny dents'],
  'dents-finish-worn': ['false brinelling', 'red powder in the dents', 'worn hollows', 'matt dents'],
  'dents-toward-shoulder': ['dents up the shoulder', 'dents toward one side'],
  'etched-lines-at-pitch': ['etched', 'black lines at the rollers', 'water lines', 'etching lines', 'standstill marks', 'grey stripes'],
  'rust': ['rusty', 'corroded', 'corrosion', 'pitted by rust', 'water marks', 'brown spots'],
  'rust-on-new': ['finger prints', 'fingerprints', 'rust on a new one', 'sweat marks'],
  'track-as-expected': ['track looks right', 'normal track', 'path is normal'],
  'track-tilted-stationary': ['crooked track', 'diagonal path on the outer ring', 'misaligned', 'track runs askew', 'cocked'],
  'track-tilted-rotating': ['bent shaft', 'wobbling inner ring', 'diagonal track on the turning ring', 'shaft bent'],
  'track-off-centre': ['track off centre', 'path to one side', 'running off centre', 'thrust track'],
  'worn-to-one-side': ['wear to one side', 'worn on one side', 'lopsided wear', 'worn more at one side'],
  'tracks-offset-opposed': ['tracks opposite ways', 'both tracks pushed outward', 'offset tracks'],
  'track-two-opposite': ['squeezed', 'pinched', 'oval housing', 'out of round', 'two tracks', 'egg shaped'],
  'track-all-round-stationary': ['track all round', 'preloaded', 'too tight', 'no clearance left', 'full circle on the outer'],
  'track-spot-rotating': ['one spot on the inner ring', 'marked at one spot', 'heavy spot'],
  'track-short-narrow': ['short track', 'narrow track', 'small load zone', 'too loose'],
  'track-toward-pull': ['belt pull side', 'track on the belt side', 'heavy on the pull side'],
  'track-on-shoulder': ['ran up the shoulder', 'balls climbed the shoulder', 'over the edge of the groove'],
  'rib-scoring': ['rib scored', 'galled rib', 'rib welded', 'scored flange', 'large end scored', 'scuffed flange'],
  'roller-ends-chipped': ['chipped roller ends', 'roller ends broken', 'chipped rollers', 'roller corners gone'],
  'smearing': ['smeared', 'galled', 'galling', 'skidded', 'skid marks', 'scuffed', 'dragged metal', 'torn surface'],
  'frosting-peeling': ['frosted', 'peeling', 'micropitting', 'grey staining', 'micro spalling', 'orange peel'],
  'dull-worn': ['lapped', 'dull', 'worn thin', 'polished away', 'lapping by grit'],
  'fluting': ['washboard', 'fluted', 'corrugated', 'ripples', 'corduroy', 'fluting by current', 'ladder marks'],
  'craters': ['craters', 'arc pits', 'melted spots', 'electric pitting', 'weld spots', 'arced'],
  'heat-tint': ['blue', 'blued', 'straw coloured', 'discoloured', 'overheated', 'burned up', 'temper colours'],
  'heat-tint-faces': ['blue bore', 'tinted side faces', 'blue face'],
  'hardness-lost': ['soft', 'softened', 'file bites', 'lost its hardness', 'annealed'],
  'thermal-cracks': ['heat cracks', 'fine cracks', 'heat checks', 'checking'],
  'ring-cracked-through': ['cracked ring', 'split ring', 'ring broken', 'ring cracked right through', 'burst ring'],
  'cage-bent': ['bent cage', 'dented cage', 'cage pushed in', 'spread cage', 'retainer bent', 'squashed cage'],
  'cage-pockets-worn': ['worn cage', 'pockets worn', 'cage worn thin', 'retainer worn'],
  'cage-broken': ['broken cage', 'cage gone', 'cracked cage', 'cage in pieces', 'retainer broken'],
  'elements-skewed': ['skewed rollers', 'rollers crooked', 'rollers jammed in the cage', 'rollers binding'],
  'hammer-marks': ['hammer marks', 'punch marks', 'drift marks', 'chisel marks'],
  'shoulder-chipped': ['chipped shoulder', 'broken shoulder', 'chipped flange', 'lip broken off the ring'],
  'fretting-bore': ['fretting in the bore', 'red rust in the bore', 'cocoa in the bore', 'black bore'],
  'creep-bore': ['spun on the shaft', 'ring crept on the shaft', 'polished bore', 'spun inner ring', 'shaft worn'],
  'ring-loose-on-shaft': ['loose on the shaft', 'slides by hand', 'sloppy fit on the shaft'],
  'fretting-outside': ['fretting outside', 'red rust outside', 'rust in the housing bore'],
  'creep-outside': ['spun in the housing', 'outer ring spun', 'housing worn', 'outer ring crept'],
  'seal-lip-worn': ['worn seal', 'seal lip worn', 'seal gone'],
  'seal-worn-one-side': ['seal worn on one side', 'lip worn at one place'],
  'seal-hardened': ['hard seal', 'brittle seal', 'cracked seal', 'baked seal'],
  'seal-dislodged': ['seal popped out', 'shield out', 'seal pushed out', 'shield bent', 'seal blown'],
  'grease-dry-black': ['black grease', 'burnt grease', 'caked', 'dried out', 'cooked grease', 'hard grease'],
  'grease-absent': ['no grease', 'dry', 'starved', 'never greased', 'run dry', 'empty'],
  'grease-milky': ['milky', 'water in the grease', 'emulsified', 'white grease', 'creamy oil'],
  'grease-leaked': ['leaking', 'grease leaked', 'oil leak', 'grease lost'],
  'grease-out-one-side': ['grease out of one side', 'purged on one side', 'grease at one end only'],
  'grease-runny': ['runny', 'oil separated', 'bleeding', 'turned to soup', 'thin grease', 'liquid grease'],
  'grease-packed-full': ['packed full', 'overgreased', 'too much grease', 'overfilled'],
  'grease-colours-mixed': ['two colours', 'mixed grease', 'wrong grease', 'two greases'],
  'grease-metal': ['metal in the grease', 'glitter', 'shavings', 'filings'],
  'grease-gritty': ['gritty', 'sand', 'grit in it', 'dirt in the grease'],
  'soft-metal-chips': ['brass chips', 'soft chips', 'aluminium chips', 'bronze bits'],
  'hot-at-once': ['hot right away', 'hot from the start', 'ran hot at once', 'hot after mounting'],
  'hot-when-process-hot': ['hot when the process is hot', 'hot only at temperature', 'fine until hot'],
  'hot-after-greasing': ['hot after greasing', 'warm since it was greased'],
  'noisy-one-thrust-direction': ['noisy one way', 'rough in one direction', 'clicks in one direction'],
  'noise-from-first-run': ['noisy', 'growling', 'noisy from new', 'howling', 'whining', 'rumbling', 'pinging', 'squealing'],
  'failed-soon-after-change': ['failed early', 'died young', 'lasted weeks', 'failed after the change'],
  'past-rated-life': ['old age', 'ran its life', 'lasted long', 'worn out by age'],
  'repeats-at-position': ['again and again', 'keeps failing', 'same failure again', 'third one'],
  'vibration-at-standstill': ['shaken while standing', 'standby vibration', 'vibration at standstill'],
  'long-storage': ['stood for months', 'long standstill', 'stored long', 'spare machine'],
  'transported-unlocked': ['transport damage', 'shipped unlocked', 'moved on a truck'],
  'leant-or-on-end': ['stood on end', 'leaned over', 'tipped', 'machine leans'],
  'dropped': ['dropped', 'fell down'],
  'hammered-on': ['hammered on', 'beaten on', 'driven on with a hammer'],
  'shock-event': ['jammed', 'crash', 'shock', 'blow'],
  'vfd-fed': ['inverter', 'frequency drive', 'converter fed', 'vfd'],
  'welding-on-machine': ['welded on the machine', 'welding', 'stray current'],
  'wash-down': ['hosed', 'washed down', 'pressure washer'],
  'stands-wet-after-heat': ['condensation', 'sweats', 'cools in damp air'],
  'flame-heated': ['torch heated', 'heated with a flame', 'gas torch'],
  'chilled-mounted': ['dry ice', 'frozen in', 'chilled'],
  'grease-type-changed': ['changed grease', 'other grease', 'new grease type'],
  'regreased-recently': ['just greased', 'greased before', 'greased yesterday'],
  'relubrication-missed': ['greasing missed', 'nobody greased it', 'not greased', 'overdue greasing'],
  'axial-play-felt': ['end play', 'loose shaft', 'shaft moves', 'axial play'],
  'stiff-to-turn': ['stiff', 'binding', 'hard to turn', 'seized', 'tight'],
  'belt-tightened': ['belt too tight', 'new belt', 'belt tensioned'],
  'load-or-speed-raised': ['sped up', 'more load', 'runs faster than before', 'overloaded'],
  'light-load-fast': ['hardly loaded', 'light load', 'idling fast'],
  'vibration-high-running': ['shaking', 'vibrates', 'unbalance', 'out of balance'],
  'unknown-source': ['cheap bearing', 'counterfeit', 'fake', 'unmarked'],
  'smells-burnt': ['smells burnt', 'burnt smell', 'smell', 'smoke'],
} // prettier-ignore

describe('signs by what they are called at the bench', () => {
  const all = Object.entries(phrases).flatMap(([sign, said]) => said.map((phrase): [string, string] => [phrase, sign]))

  it('are at least 200 phrases, each once for a sign', () => {
    assert.isAtLeast(all.length, 200)
    assert.lengthOf(new Set(all.map((pair) => pair.join())), all.length)
  })
  for (const [phrase, sign] of all)
    it(`${phrase}: ${sign}`, () => {
      const found = searchSigns(phrase, signs).slice(0, offered).map((one) => one.sign) // prettier-ignore
      assert.include(found, sign)
    })
  it('are found while a word is being typed', () => {
    for (const [start, sign] of [['flak', 'spall-load-zone'], ['brinel', 'dents-at-pitch'], ['growl', 'noise-from-first-run'], ['washb', 'fluting'], ['squee', 'track-two-opposite']] as const) // prettier-ignore
      assert.include(searchSigns(start, signs).map((one) => one.sign), sign, start) // prettier-ignore
  })
  it('put what is called so itself first', () => assert.equal(searchSigns('fluting', signs)[0]?.sign, 'fluting'))
  it('find nothing for nothing, and nothing for nonsense', () => {
    assert.isEmpty(searchSigns('  ', signs))
    assert.isEmpty(searchSigns('xyzzy', signs))
  })
  it('are signs that are there', () => {
    const known = new Set(signs.map(({ sign }) => sign))
    for (const [word = '', sign = ''] of synonyms.rows) assert.isTrue(known.has(sign), word)
  })
})
