/** How a column is written: as text, or cast to this on the way back. */
export type Cast = 'text' | 'uuid' | 'integer' | 'double precision' | 'timestamptz' | 'date' | 'boolean' | 'account'

export interface FileColumn {
  cast: Cast
  /** For the README. */
  about: string
  /** Empty is nothing, and not an empty text. */
  optional?: true
}

/** Files of a site that cannot be written or read back, with what is wrong, as a person can put it right. */
export class SiteFilesError extends Error {
  override readonly name = 'SiteFilesError'
}

/** One table of a site as a file of lines, and one of documents where it has some. */
export interface SiteFile {
  /** Name without its ending: `machines` is machines.csv and machines.json. */
  name: string
  table: string
  about: string
  /** Columns in which a line is told from the others; documents carry them too. */
  key: readonly string[]
  columns: Readonly<Record<string, FileColumn>>
  /** Columns that hold a document, by what it is. */
  documents: Readonly<Record<string, { about: string; cast: 'jsonb' | 'uuid[]' }>>
  order: string
  /** Version of the files it came with; those of before have none. */
  since?: number
}

const id = (about: string): FileColumn => ({ cast: 'uuid', about })
const words = (about: string): FileColumn => ({ cast: 'text', about })
const maybe = (cast: Cast, about: string): FileColumn => ({ cast, about, optional: true })
const whole = (about: string): FileColumn => ({ cast: 'integer', about })
const time = (about: string): FileColumn => ({ cast: 'timestamptz', about })
const who = (about: string): FileColumn => ({ cast: 'account', about, optional: true })
const json = (about: string) => ({ about, cast: 'jsonb' as const })

/** Files of a site in the order they are read back: what is pointed to comes first. */
export const siteFiles: readonly SiteFile[] = [
  {
    name: 'areas',
    table: 'area',
    about: 'Areas of the site in walking order.',
    key: ['id'],
    columns: { id: id('of the area'), name: words('of the area'), walk_order: whole('place in the walk, from 0') },
    documents: {},
    order: 'walk_order, id',
  },
  {
    name: 'machines',
    table: 'machine',
    about: 'Machines, in service or not.',
    key: ['id'],
    columns: {
      id: id('of the machine'),
      area_id: maybe('uuid', 'area it stands in, see areas; none for what a loose bearing lies on'),
      tag: words('on the machine'),
      name: words('of the machine'),
      kind: words('motor, pump, fan and so on'),
      duty: words('how it is used'),
      criticality: words('vital, important, minor'),
      hours_source: words('where running hours come from: clock, shifts, meter'),
      hours_per_week: maybe('double precision', 'h a week, for shifts'),
      walk_order: whole('place in its area'),
      shaft_version: whole('saves of its shaft, 0 for none'),
      version: whole('saves of its entry'),
      retired_at: maybe('timestamptz', 'out of service since'),
    },
    documents: { shaft_line: json('its shaft: parts, supports, loads; null where nobody has drawn it') },
    order: 'walk_order, id',
  },
  {
    name: 'positions',
    table: 'position',
    about: 'Bearing positions as they stand, those taken off too.',
    key: ['id'],
    columns: {
      id: id('of the position'),
      machine_id: id('machine it belongs to'),
      name: words('of the position'),
      walk_order: whole('place on the machine'),
      state: words('go, watch, stop, or open while something is missing'),
      designation: maybe('text', 'of the bearing'),
      bearing_type: maybe('text', 'of the bearing'),
      life_h: maybe('double precision', 'rated life, h'),
      finding: maybe('text', 'worst finding as it runs'),
      version: whole('saves so far'),
      saved_at: time('of the last save'),
      saved_by: who('of the last save'),
      retired_at: maybe('timestamptz', 'taken off since'),
    },
    documents: {
      inputs: json('everything that was entered, in metric units'),
      result: json('what it was judged to be'),
    },
    order: 'machine_id, walk_order, id',
  },
  {
    name: 'revisions',
    table: 'position_revision',
    about: 'Every save of every position.',
    key: ['position_id', 'version'],
    columns: {
      position_id: id('position that was saved'),
      version: whole('of the save, from 1'),
      state: words('it was judged to be'),
      designation: maybe('text', 'of the bearing'),
      saved_at: time('of the save'),
      saved_by: who('of the save'),
    },
    documents: { inputs: json('everything that was entered') },
    order: 'position_id, version',
  },
  {
    name: 'jobs',
    table: 'job',
    about: 'Jobs: open, done and cancelled.',
    key: ['id'],
    columns: {
      id: id('of the job'),
      machine_id: id('machine it is done on'),
      number: whole('of the job'),
      kind: words('of work'),
      title: words('of the job'),
      state: words('planned, under-way, waiting, done, cancelled'),
      reason: maybe('text', 'why it waits or was cancelled'),
      planned_for: maybe('date', 'day it is planned for'),
      created_at: time('it was made'),
      created_by: who('made it'),
      started_at: maybe('timestamptz', 'first entry'),
      ended_at: maybe('timestamptz', 'done or cancelled'),
    },
    documents: {
      position_ids: { about: 'positions it is about', cast: 'uuid[]' },
      steps: json('its steps with cautions, readings and limits'),
      as_found: json('inputs of each position when it was made'),
      as_left: json('inputs of each position when it was closed'),
    },
    order: 'number',
  },
  {
    name: 'entries',
    table: 'job_entry',
    about: 'What people entered in jobs, in order.',
    key: ['id'],
    columns: {
      id: id('of the entry, from the device'),
      job_id: id('job it belongs to'),
      account_id: who('entered it'),
      received_at: time('it came to the server'),
    },
    documents: { body: json('the entry: step, kind, reading, time on the device') },
    order: 'seq',
  },
  {
    name: 'points',
    table: 'point',
    since: 2,
    about: 'Points that are greased, oiled or looked at.',
    key: ['id'],
    columns: {
      id: id('of the point'),
      position_id: id('position it is at'),
      kind: words('grease, oil-level, oil-change, look'),
      dropped: { cast: 'boolean', about: 'whether the position asks for it no more' },
      told_done: maybe('date', 'last done, as somebody has settled it'),
      last_done: maybe('date', 'last done, as that and the rounds have it'),
      due_on: maybe('date', 'day it is due'),
      early_on: maybe('date', 'from here on it is as good'),
      late_on: maybe('date', 'up to here it is as good'),
      interval_days: { cast: 'double precision', about: 'days between two visits as it runs now' },
      moved_to: maybe('date', 'day a planner moved it to'),
      version: whole('saves so far'),
    },
    documents: { work: json('what the position asks for'), own: json('what people have settled over it') },
    order: 'position_id, kind',
  },
  {
    name: 'meters',
    table: 'meter_reading',
    since: 2,
    about: 'Hour meters as they were read.',
    key: ['id'],
    columns: {
      id: id('of the reading'),
      machine_id: id('machine whose meter it is'),
      day: { cast: 'date', about: 'it was read' },
      shown: { cast: 'double precision', about: 'what it showed, h' },
      hours: { cast: 'double precision', about: 'that and what the meters before had run, h' },
      account_id: who('read it'),
      read_at: time('it was entered'),
    },
    documents: {},
    order: 'machine_id, day, read_at',
  },
  {
    name: 'stops',
    table: 'plant_stop',
    since: 2,
    about: 'Days on which the plant stands.',
    key: ['id'],
    columns: {
      id: id('of the stop'),
      from_day: { cast: 'date', about: 'first day' },
      to_day: { cast: 'date', about: 'last day' },
      title: words('why'),
    },
    documents: {},
    order: 'from_day, id',
  },
  {
    name: 'rounds',
    table: 'round',
    since: 2,
    about: 'Rounds, open and closed.',
    key: ['id'],
    columns: {
      id: id('of the round'),
      number: whole('of the round'),
      title: words('of the round'),
      day: { cast: 'date', about: 'it is planned for' },
      state: words('open, closed'),
      walked_by: who('it was made for'),
      created_at: time('it was made'),
      created_by: who('made it'),
      closed_at: maybe('timestamptz', 'it was closed'),
    },
    documents: { points: json('its points as they stood'), guns: json('guns of the shop that day') },
    order: 'number',
  },
  {
    name: 'visits',
    table: 'round_entry',
    since: 2,
    about: 'What people entered on rounds, in order.',
    key: ['id'],
    columns: {
      id: id('of the entry, from the device'),
      round_id: id('round it belongs to'),
      point_id: id('point it is about'),
      account_id: who('entered it'),
      received_at: time('it came to the server'),
    },
    documents: { body: json('the entry: done, skipped, read, photographed or taken back') },
    order: 'seq',
  },
  {
    name: 'findings',
    table: 'finding',
    since: 4,
    about: 'What was found of bearings, and what a person decided.',
    key: ['id'],
    columns: {
      id: id('of the finding'),
      position_id: id('position it was found at'),
      cause: maybe('text', 'cause that was decided on'),
      why: words('it was'),
      at: time('it was found'),
      account_id: who('decided'),
      received_at: time('it came to the server'),
    },
    documents: { body: json('what was seen and painted, and how the causes ranked that day') },
    order: 'at, id',
  },
  {
    name: 'bearings',
    table: 'fitted_bearing',
    since: 4,
    about: 'Every bearing that was ever fitted.',
    key: ['id'],
    columns: {
      id: id('of the bearing'),
      position_id: id('position it was fitted in'),
      designation: words('with its suffix, as it was read'),
      bearing_type: maybe('text', 'where it is in the tables'),
      batch: words('of its maker'),
      fitted_on: { cast: 'date', about: 'day it went in' },
      fitted_job: maybe('uuid', 'job that fitted it'),
      out_on: maybe('date', 'day it came out; none while it runs'),
      out_job: maybe('uuid', 'job that took it out'),
      hours: maybe('double precision', 'h it ran'),
      ended: maybe('text', 'failed, warned, sound'),
      cause: maybe('text', 'why it failed'),
      finding_id: maybe('uuid', 'what was found of it'),
      note: words('of whoever entered it'),
      source: words('job, typed, file'),
      account_id: who('entered it'),
      entered_at: time('it was entered'),
    },
    documents: { as_left: json('the position as the fitting left it') },
    order: 'position_id, fitted_on, id',
  },
  {
    name: 'shelf',
    table: 'stock',
    since: 5,
    about: 'What lies in stock: a line for each number in each place.',
    key: ['id'],
    columns: {
      id: id('of the line'),
      designation: words('with its suffix'),
      place: words('it lies in'),
      condition: words('of its box: boxed, opened'),
      greased_on: maybe('date', 'day it was filled with grease, where the box says'),
      count: whole('how many'),
      least: whole('no fewer than'),
      note: words('of whoever entered it'),
      version: whole('saves of what is said of it'),
    },
    documents: {},
    order: 'designation, place, id',
  },
  {
    name: 'shelf-moves',
    table: 'stock_move',
    since: 5,
    about: 'What was put in, taken out or counted.',
    key: ['id'],
    columns: {
      id: id('of the move'),
      stock_id: id('line of the shelf'),
      kind: words('in, out, counted'),
      change: whole('what it added'),
      job_id: maybe('uuid', 'job it was taken for'),
      account_id: who('did it'),
      at: time('it was done'),
    },
    documents: {},
    order: 'at, id',
  },
  {
    name: 'maker-values',
    table: 'maker_value',
    since: 5,
    about: 'What makers’ lists say of their numbers.',
    key: ['number'],
    columns: {
      number: words('as the list has it'),
      list: words('the list is called'),
      dynamic_n: maybe('double precision', 'C, N'),
      static_n: maybe('double precision', 'C0, N'),
      limiting_rpm: maybe('double precision', 'limiting speed, r/min'),
      mass_kg: maybe('double precision', 'kg'),
      clearance_min_um: maybe('double precision', 'radial clearance, µm, from'),
      clearance_max_um: maybe('double precision', 'to'),
    },
    documents: {},
    order: 'number',
  },
  {
    name: 'photographs',
    table: 'photo',
    about: 'Photographs of jobs, rounds and positions; each is a file of its id in the folder photographs.',
    key: ['id'],
    columns: {
      id: id('of the photograph, and name of its file'),
      job_id: maybe('uuid', 'job it belongs to'),
      round_id: maybe('uuid', 'round it belongs to'),
      position_id: maybe('uuid', 'position it belongs to'),
      type: words('image/jpeg'),
      account_id: who('took it'),
      taken_at: time('it came to the server'),
    },
    documents: {},
    order: 'taken_at, id',
  },
  {
    name: 'readings',
    table: 'reading',
    since: 2,
    about: 'Readings as they were taken: °C, mm/s r.m.s., m/s², dB, MΩ.',
    key: [],
    columns: {
      position_id: id('position that was read'),
      quantity: words('temperature, velocity, envelope, ultrasound, insulation'),
      at: time('it was read'),
      value: { cast: 'double precision', about: 'what was read' },
      ambient: maybe('double precision', 'the room, °C'),
      load: maybe('double precision', 'load at that moment'),
      source: words('who or what read it: round, file, demo'),
    },
    documents: {},
    order: 'at, position_id, quantity, value',
  },
  {
    name: 'reading-days',
    table: 'reading_day',
    since: 2,
    about: 'What is kept of each day of readings.',
    key: ['position_id', 'quantity', 'day'],
    columns: {
      position_id: id('position that was read'),
      quantity: words('temperature, velocity, envelope, ultrasound, insulation'),
      day: { cast: 'date', about: 'of the readings' },
      count: whole('how many'),
      low: { cast: 'double precision', about: 'the lowest' },
      high: { cast: 'double precision', about: 'the highest' },
      total: { cast: 'double precision', about: 'their sum' },
      squares: { cast: 'double precision', about: 'the sum of their squares' },
      median: { cast: 'double precision', about: 'the middle one' },
      room_count: maybe('integer', 'readings with the room beside them'),
      load_median: maybe('double precision', 'middle load of those that had one'),
      judged_count: maybe('integer', 'readings at the usual load'),
      judged_median: maybe('double precision', 'their middle, the room taken off where reading-basis says so'),
      judged_raw: maybe('double precision', 'their middle with the room, where it is taken off'),
    },
    documents: {},
    order: 'position_id, quantity, day',
  },
  {
    name: 'reading-basis',
    table: 'reading_basis',
    since: 3,
    about: 'Rows of readings that are judged without the room, or at one load.',
    key: ['position_id', 'quantity'],
    columns: {
      position_id: id('position that was read'),
      quantity: words('temperature, velocity, envelope, ultrasound, insulation'),
      room: { cast: 'boolean', about: 'whether the room is taken off' },
      load: maybe('double precision', 'load the readings have to be near'),
      since: maybe('date', 'day from which it is so'),
    },
    documents: {},
    order: 'position_id, quantity',
  },
  {
    name: 'trends',
    table: 'reading_trend',
    since: 2,
    about: 'Where readings are going, as last judged.',
    key: ['position_id', 'quantity'],
    columns: {
      position_id: id('position that was read'),
      quantity: words('temperature, velocity, envelope, ultrasound, insulation'),
      verdict: words('ok, watch, stop'),
      judged_at: time('it was judged'),
    },
    documents: { result: json('limits, slope, days to the limit, reasons') },
    order: 'position_id, quantity',
  },
  {
    name: 'events',
    table: 'audit_event',
    about: 'Who did what to what, in order.',
    key: [],
    columns: {
      at: time('it was done'),
      account_id: who('did it'),
      kind: words('of deed'),
      subject_id: maybe('uuid', 'it was done to'),
      detail: { cast: 'text', about: 'more of it, as JSON' },
    },
    documents: {},
    order: 'id',
  },
]

/** Columns of people.csv. Passwords are never exported: everybody comes in by a new link. */
export const peopleColumns: Readonly<Record<string, FileColumn>> = {
  id: id('of the person'),
  login: words('sign-in name'),
  name: words('as it stands beside what they did'),
  role: words('viewer, technician, planner'),
  created_at: time('they came to the site'),
  retired_at: maybe('timestamptz', 'left the site'),
}

/** A text that a spreadsheet would take for a formula has an apostrophe before it; one that begins with one has two. */
export const escaped = (text: string): string => (/^[=+\-@\t\r']/.test(text) ? `'${text}` : text)
export const unescaped = (text: string): string => (/^'[=+\-@\t\r']/.test(text) ? text.slice(1) : text)

/** Of which kinds of column the text is a person's. */
export const isFreeText = ({ cast }: FileColumn): boolean => cast === 'text'

/** README.md of an exported site: every file and every column. */
export function readmeOf(siteName: string, version: string, at: Date): string {
  const table = (columns: Readonly<Record<string, FileColumn>>) => [
    '| column | holds |',
    '|---|---|',
    ...Object.entries(columns).map(
      ([name, { about, optional }]) => `| ${name} | ${about}${optional ? ', or empty' : ''} |`,
    ),
  ]
  return [
    `# ${siteName}`,
    '',
    `Exported by Yardfrost ${version} on ${at.toISOString()}. Text is UTF-8. Times are in UTC or say their offset; sizes are mm and µm,`,
    'temperatures °C, forces N. A text that a spreadsheet would take for a formula has an apostrophe before it. Read it again',
    'with `npm run import -- FOLDER`.',
    '',
    '## site.json',
    '',
    'Name, settings and practices of the site, and the version of these files.',
    '',
    '## people.csv',
    '',
    'People of the site. Passwords are not in it: after an import everybody gets a new link.',
    '',
    ...table(peopleColumns),
    ...siteFiles.flatMap(({ name, about, columns, documents, key }) => [
      '',
      `## ${name}.csv${Object.keys(documents).length > 0 ? ` and ${name}.json` : ''}`,
      '',
      about,
      '',
      ...table(columns),
      ...(Object.keys(documents).length > 0
        ? [
            '',
            `${name}.json is a list with ${key.join(' and ')} of each line and:`,
            '',
            ...Object.entries(documents).map(([column, one]) => `- ${column}: ${one.about}`),
          ]
        : []),
    ]),
    '',
  ].join('\n')
}
